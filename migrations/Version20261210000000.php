<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A day on which what stands is looked at again. */
final class Version20261210000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Second looks.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE work_day ADD COLUMN is_look BOOLEAN DEFAULT 0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE work_day DROP COLUMN is_look');
    }
}
