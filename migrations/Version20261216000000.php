<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Pieces that have a day of their own. */
final class Version20261216000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Days of single pieces.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE swap ADD COLUMN own_pieces CLOB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE work_day ADD COLUMN own_pieces CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE work_day DROP COLUMN own_pieces');
        $this->addSql('ALTER TABLE swap DROP COLUMN own_pieces');
    }
}
