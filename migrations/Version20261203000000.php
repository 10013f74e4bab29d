<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Colours planned for a spot before its pieces are. */
final class Version20261203000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Ribbons of the look that are meant for a spot.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE spot ADD COLUMN ribbons CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE spot DROP COLUMN ribbons');
    }
}
