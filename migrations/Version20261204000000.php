<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Sums of the Workbench that are kept by name. */
final class Version20261204000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Kept sums, with what was really used; how long what is bought runs.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE kept_sum (sum VARCHAR(12) NOT NULL, name VARCHAR(80) NOT NULL, given CLOB NOT NULL, said CLOB NOT NULL, reckoned INTEGER DEFAULT NULL, is_length BOOLEAN NOT NULL, used INTEGER DEFAULT NULL, kept_at DATETIME NOT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, home_id VARCHAR(26) NOT NULL, swap_id VARCHAR(26) DEFAULT NULL, spot_id VARCHAR(26) DEFAULT NULL, PRIMARY KEY (id), CONSTRAINT FK_KEPT_SUM_HOME FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_KEPT_SUM_SWAP FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_KEPT_SUM_SPOT FOREIGN KEY (spot_id) REFERENCES spot (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('ALTER TABLE haul_line ADD COLUMN run INTEGER DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_KEPT_SUM_HOME ON kept_sum (home_id)');
        $this->addSql('CREATE INDEX IDX_KEPT_SUM_SWAP ON kept_sum (swap_id)');
        $this->addSql('CREATE INDEX IDX_KEPT_SUM_SPOT ON kept_sum (spot_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kept_sum');
        $this->addSql('ALTER TABLE haul_line DROP COLUMN run');
    }
}
