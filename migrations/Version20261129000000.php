<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Spots and totes that are not measured yet; swaps without a budget. */
final class Version20261129000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Which measures of spots and totes are assumed, and whether a swap has a budget.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE spot ADD COLUMN assumed CLOB DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE tote ADD COLUMN is_measured BOOLEAN DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE swap ADD COLUMN has_budget BOOLEAN DEFAULT 1 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE spot DROP COLUMN assumed');
        $this->addSql('ALTER TABLE tote DROP COLUMN is_measured');
        $this->addSql('ALTER TABLE swap DROP COLUMN has_budget');
    }
}
