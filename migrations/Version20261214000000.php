<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A day on which the furniture is moved. */
final class Version20261214000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Furniture days.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE work_day ADD COLUMN moves_furniture BOOLEAN DEFAULT 0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE work_day DROP COLUMN moves_furniture');
    }
}
