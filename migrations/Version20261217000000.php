<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Over a mantel, console or sideboard things may hang now, a wreath by habit: those that lean there by the habit of before go on leaning. */
final class Version20261217000000 extends AbstractMigration
{
    private const WREATHS = "SELECT id FROM piece WHERE kind = 'wreath'";
    private const LEDGES = "SELECT id FROM spot WHERE kind IN ('mantel', 'console', 'sideboard')";

    public function getDescription(): string
    {
        return 'Wreaths that lean on a ledge go on leaning.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        [$wreaths, $ledges] = [self::WREATHS, self::LEDGES];
        $this->addSql("UPDATE placement SET posture = 'leans' WHERE posture IS NULL AND piece_id IN ({$wreaths}) AND spot_id IN ({$ledges})");
        $this->addSql(<<<SQL
            UPDATE spot_version SET places = (
                SELECT json_group_array(json(CASE
                    WHEN json_extract(value, '$.posture') IS NULL AND json_extract(value, '$.piece') IN ({$wreaths})
                    THEN json_set(value, '$.posture', 'leans')
                    ELSE value
                END)) FROM json_each(spot_version.places)
            ) WHERE spot_id IN ({$ledges})
            SQL);
    }

    public function down(Schema $schema): void
    {
        // What leans by word leans as it did by habit.
    }
}
