<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Floors with their furniture, as it is and as a swap wants it. */
final class Version20261211000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Floors and furniture.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE floor (width INTEGER NOT NULL, depth INTEGER NOT NULL, openings CLOB NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, room_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_BE45D62E54177093 FOREIGN KEY (room_id) REFERENCES room (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE TABLE furniture (name VARCHAR(80) NOT NULL, kind VARCHAR(12) NOT NULL, width INTEGER NOT NULL, depth INTEGER NOT NULL, left_edge INTEGER NOT NULL, far_edge INTEGER NOT NULL, turns INTEGER NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, room_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_665DDAB354177093 FOREIGN KEY (room_id) REFERENCES room (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE TABLE furniture_plan (left_edge INTEGER NOT NULL, far_edge INTEGER NOT NULL, turns INTEGER NOT NULL, was CLOB DEFAULT NULL, id VARCHAR(26) NOT NULL, swap_id VARCHAR(26) NOT NULL, furniture_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_C932719DA6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_C932719DCF5485C3 FOREIGN KEY (furniture_id) REFERENCES furniture (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_665DDAB354177093 ON furniture (room_id)');
        $this->addSql('CREATE UNIQUE INDEX one_plan_a_furniture ON furniture_plan (swap_id, furniture_id)');
        $this->addSql('CREATE INDEX IDX_C932719DA6CAF2 ON furniture_plan (swap_id)');
        $this->addSql('CREATE INDEX IDX_C932719DCF5485C3 ON furniture_plan (furniture_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_BE45D62E54177093 ON floor (room_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE furniture_plan');
        $this->addSql('DROP TABLE furniture');
        $this->addSql('DROP TABLE floor');
    }
}
