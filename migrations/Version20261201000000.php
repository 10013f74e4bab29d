<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Versions of a spot that are kept beside the plan. */
final class Version20261201000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Versions of a dressed spot within a swap.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE spot_version (label VARCHAR(1) NOT NULL, places CLOB NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, swap_id VARCHAR(26) NOT NULL, spot_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_5A1C0D41A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_5A1C0D412DF1D37C FOREIGN KEY (spot_id) REFERENCES spot (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_SPOT_VERSION_SWAP ON spot_version (swap_id)');
        $this->addSql('CREATE INDEX IDX_SPOT_VERSION_SPOT ON spot_version (spot_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_SPOT_VERSION_LABEL ON spot_version (swap_id, spot_id, label)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE spot_version');
    }
}
