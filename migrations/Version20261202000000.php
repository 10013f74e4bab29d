<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A spot may be judged by a school and a mood of its own, and findings may be left as they are. */
final class Version20261202000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'School, mood and overruled findings of a spot.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE spot ADD COLUMN school VARCHAR(12) DEFAULT NULL');
        $this->addSql('ALTER TABLE spot ADD COLUMN mood INTEGER DEFAULT NULL');
        $this->addSql("ALTER TABLE spot ADD COLUMN overruled CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        foreach (['school', 'mood', 'overruled'] as $column) {
            $this->addSql("ALTER TABLE spot DROP COLUMN {$column}");
        }
    }
}
