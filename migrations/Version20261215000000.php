<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Dips of garlands, and the side a piece turns to the front of its spot. */
final class Version20261215000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Dips and faces of placements.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE placement ADD COLUMN dips INTEGER DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE placement ADD COLUMN face VARCHAR(80) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE placement DROP COLUMN face');
        $this->addSql('ALTER TABLE placement DROP COLUMN dips');
    }
}
