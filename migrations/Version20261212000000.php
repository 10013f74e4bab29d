<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Totes on the list of a haul. */
final class Version20261212000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Totes to buy.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE haul_line ADD COLUMN tote_depth INTEGER DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE haul_line DROP COLUMN tote_depth');
    }
}
