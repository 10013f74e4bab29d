<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The first schema; later changes stand in migrations of their own. */
final class Version20261124000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Everything the first release stores.';
    }

    /** Tables are made one by one: the write lock is taken by src/Sqlite, which the migrations' own transaction does not know of. */
    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE decision (choice VARCHAR(10) DEFAULT NULL, "by" VARCHAR(80) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, swap_id VARCHAR(26) NOT NULL, piece_id VARCHAR(26) NOT NULL, PRIMARY KEY (swap_id, piece_id), CONSTRAINT FK_84ACBE48A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_84ACBE48C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_84ACBE48A6CAF2 ON decision (swap_id)');
        $this->addSql('CREATE INDEX IDX_84ACBE48C40FCFA8 ON decision (piece_id)');
        $this->addSql('CREATE TABLE haul_line (name VARCHAR(120) NOT NULL, way VARCHAR(8) NOT NULL, pack_price INTEGER NOT NULL, offer_kind VARCHAR(8) NOT NULL, offer_value INTEGER NOT NULL, offer_pay_for INTEGER NOT NULL, pack_size INTEGER NOT NULL, needed INTEGER NOT NULL, tender VARCHAR(9) NOT NULL, state VARCHAR(8) NOT NULL, kind VARCHAR(20) NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, colour VARCHAR(7) NOT NULL, became_piece VARCHAR(26) DEFAULT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, swap_id VARCHAR(26) NOT NULL, need_id VARCHAR(26) DEFAULT NULL, PRIMARY KEY (id), CONSTRAINT FK_9686946AA6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_9686946A624AF264 FOREIGN KEY (need_id) REFERENCES need (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_9686946AA6CAF2 ON haul_line (swap_id)');
        $this->addSql('CREATE INDEX IDX_9686946A624AF264 ON haul_line (need_id)');
        $this->addSql('CREATE TABLE home (name VARCHAR(80) NOT NULL, unit VARCHAR(2) NOT NULL, currency VARCHAR(4) NOT NULL, gift_money VARCHAR(10) NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE TABLE look (name VARCHAR(80) NOT NULL, ribbons CLOB NOT NULL, textures CLOB NOT NULL, resting_colours CLOB NOT NULL, resting_finishes CLOB NOT NULL, mood INTEGER NOT NULL, balance VARCHAR(12) NOT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_2B3AD40228CDC89C FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_2B3AD40228CDC89C ON look (home_id)');
        $this->addSql('CREATE TABLE membership (role VARCHAR(10) NOT NULL, person_id VARCHAR(26) NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (person_id, home_id), CONSTRAINT FK_86FFD285217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_86FFD28528CDC89C FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_86FFD285217BBB47 ON membership (person_id)');
        $this->addSql('CREATE INDEX IDX_86FFD28528CDC89C ON membership (home_id)');
        $this->addSql('CREATE TABLE movement (count INTEGER NOT NULL, from_place VARCHAR(40) NOT NULL, to_place VARCHAR(40) NOT NULL, at DATETIME NOT NULL, "by" VARCHAR(80) NOT NULL, cause VARCHAR(120) NOT NULL, id VARCHAR(26) NOT NULL, piece_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_F4DD95F7C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_F4DD95F7C40FCFA8 ON movement (piece_id)');
        $this->addSql('CREATE INDEX IDX_F4DD95F7C40FCFA86A57FD3C ON movement (piece_id, at)');
        $this->addSql('CREATE TABLE need (kind VARCHAR(20) DEFAULT NULL, least_height INTEGER DEFAULT NULL, most_height INTEGER DEFAULT NULL, most_width INTEGER DEFAULT NULL, colour VARCHAR(7) DEFAULT NULL, texture VARCHAR(20) DEFAULT NULL, count INTEGER NOT NULL, filled_by VARCHAR(26) DEFAULT NULL, text VARCHAR(120) NOT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, swap_id VARCHAR(26) NOT NULL, spot_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_E6F46C44A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_E6F46C442DF1D37C FOREIGN KEY (spot_id) REFERENCES spot (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_E6F46C44A6CAF2 ON need (swap_id)');
        $this->addSql('CREATE INDEX IDX_E6F46C442DF1D37C ON need (spot_id)');
        $this->addSql('CREATE TABLE note (text VARCHAR(2000) NOT NULL, at DATETIME NOT NULL, "by" VARCHAR(80) NOT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, swap_id VARCHAR(26) NOT NULL, spot_id VARCHAR(26) DEFAULT NULL, PRIMARY KEY (id), CONSTRAINT FK_CFBDFA14A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_CFBDFA142DF1D37C FOREIGN KEY (spot_id) REFERENCES spot (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_CFBDFA14A6CAF2 ON note (swap_id)');
        $this->addSql('CREATE INDEX IDX_CFBDFA142DF1D37C ON note (spot_id)');
        $this->addSql('CREATE TABLE person (password_hash VARCHAR(255) NOT NULL, email VARCHAR(180) NOT NULL, name VARCHAR(80) NOT NULL, id VARCHAR(26) NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_34DCD176E7927C74 ON person (email)');
        $this->addSql('CREATE TABLE piece (name VARCHAR(120) NOT NULL, kind VARCHAR(20) NOT NULL, count INTEGER NOT NULL, width INTEGER NOT NULL, depth INTEGER NOT NULL, height INTEGER NOT NULL, weight INTEGER NOT NULL, colours CLOB NOT NULL, materials CLOB NOT NULL, finish VARCHAR(12) NOT NULL, seasons CLOB NOT NULL, hazards CLOB NOT NULL, shape VARCHAR(20) NOT NULL, pattern VARCHAR(20) NOT NULL, origin VARCHAR(20) NOT NULL, cost_each INTEGER NOT NULL, replacement_each INTEGER NOT NULL, came_on DATE DEFAULT NULL, care VARCHAR(500) NOT NULL, own_tote VARCHAR(26) DEFAULT NULL, got_for VARCHAR(26) DEFAULT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_44CA0B2328CDC89C FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_44CA0B2328CDC89C ON piece (home_id)');
        $this->addSql('CREATE TABLE placement (left_edge INTEGER NOT NULL, layer VARCHAR(6) NOT NULL, "raise" INTEGER NOT NULL, count INTEGER NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, swap_id VARCHAR(26) NOT NULL, piece_id VARCHAR(26) NOT NULL, spot_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_48DB750EA6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_48DB750EC40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_48DB750E2DF1D37C FOREIGN KEY (spot_id) REFERENCES spot (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_48DB750EA6CAF2 ON placement (swap_id)');
        $this->addSql('CREATE INDEX IDX_48DB750EC40FCFA8 ON placement (piece_id)');
        $this->addSql('CREATE INDEX IDX_48DB750E2DF1D37C ON placement (spot_id)');
        $this->addSql('CREATE TABLE room (name VARCHAR(80) NOT NULL, round INTEGER NOT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_729F519B28CDC89C FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_729F519B28CDC89C ON room (home_id)');
        $this->addSql('CREATE TABLE sheet_task (task_key VARCHAR(80) NOT NULL, phase VARCHAR(10) NOT NULL, title VARCHAR(120) NOT NULL, task_group VARCHAR(80) NOT NULL, moves CLOB NOT NULL, minutes INTEGER NOT NULL, hands INTEGER NOT NULL, cautions CLOB NOT NULL, after_keys CLOB NOT NULL, opens_tote VARCHAR(26) DEFAULT NULL, done_at DATETIME DEFAULT NULL, done_by VARCHAR(80) DEFAULT NULL, ordinal INTEGER NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, swap_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_100AB38A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_100AB38A6CAF2 ON sheet_task (swap_id)');
        $this->addSql('CREATE TABLE spot (name VARCHAR(80) NOT NULL, kind VARCHAR(20) NOT NULL, width INTEGER NOT NULL, depth INTEGER NOT NULL, ledge_height INTEGER NOT NULL, clear_height INTEGER DEFAULT NULL, seen_from VARCHAR(12) NOT NULL, keep_clear CLOB NOT NULL, wall VARCHAR(7) NOT NULL, hazards CLOB NOT NULL, focal_rank INTEGER NOT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, room_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_B9327A7354177093 FOREIGN KEY (room_id) REFERENCES room (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_B9327A7354177093 ON spot (room_id)');
        $this->addSql('CREATE TABLE standing (place VARCHAR(40) NOT NULL, count INTEGER NOT NULL, piece_id VARCHAR(26) NOT NULL, PRIMARY KEY (place, piece_id), CONSTRAINT FK_619A8AD8C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_619A8AD8C40FCFA8 ON standing (piece_id)');
        $this->addSql('CREATE INDEX IDX_619A8AD8741D53CD ON standing (place)');
        $this->addSql('CREATE TABLE swap (closed_at DATETIME DEFAULT NULL, sheet_built_at DATETIME DEFAULT NULL, sheet_plan VARCHAR(40) DEFAULT NULL, budget INTEGER NOT NULL, gift_card INTEGER NOT NULL, people INTEGER NOT NULL, name VARCHAR(80) NOT NULL, season VARCHAR(10) NOT NULL, swap_day DATE NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, home_id VARCHAR(26) NOT NULL, look_id VARCHAR(26) NOT NULL, from_id VARCHAR(26) DEFAULT NULL, PRIMARY KEY (id), CONSTRAINT FK_2593856128CDC89C FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_25938561469DC8DC FOREIGN KEY (look_id) REFERENCES look (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_2593856178CED90B FOREIGN KEY (from_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_2593856128CDC89C ON swap (home_id)');
        $this->addSql('CREATE INDEX IDX_25938561469DC8DC ON swap (look_id)');
        $this->addSql('CREATE INDEX IDX_2593856178CED90B ON swap (from_id)');
        $this->addSql('CREATE TABLE tote (width INTEGER NOT NULL, depth INTEGER NOT NULL, height INTEGER NOT NULL, code VARCHAR(20) NOT NULL, place VARCHAR(80) NOT NULL, id VARCHAR(26) NOT NULL, removed_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_F0194DEF28CDC89C FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_F0194DEF28CDC89C ON tote (home_id)');
        $this->addSql('CREATE TABLE used_key (used_key VARCHAR(120) NOT NULL, at DATETIME NOT NULL, PRIMARY KEY (used_key))');
        $this->addSql('CREATE TABLE wear (units INTEGER NOT NULL, swap_id VARCHAR(26) NOT NULL, piece_id VARCHAR(26) NOT NULL, spot_id VARCHAR(26) NOT NULL, PRIMARY KEY (swap_id, piece_id, spot_id), CONSTRAINT FK_5B5D0404A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_5B5D0404C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_5B5D04042DF1D37C FOREIGN KEY (spot_id) REFERENCES spot (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_5B5D0404A6CAF2 ON wear (swap_id)');
        $this->addSql('CREATE INDEX IDX_5B5D0404C40FCFA8 ON wear (piece_id)');
        $this->addSql('CREATE INDEX IDX_5B5D04042DF1D37C ON wear (spot_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE decision');
        $this->addSql('DROP TABLE haul_line');
        $this->addSql('DROP TABLE home');
        $this->addSql('DROP TABLE look');
        $this->addSql('DROP TABLE membership');
        $this->addSql('DROP TABLE movement');
        $this->addSql('DROP TABLE need');
        $this->addSql('DROP TABLE note');
        $this->addSql('DROP TABLE person');
        $this->addSql('DROP TABLE piece');
        $this->addSql('DROP TABLE placement');
        $this->addSql('DROP TABLE room');
        $this->addSql('DROP TABLE sheet_task');
        $this->addSql('DROP TABLE spot');
        $this->addSql('DROP TABLE standing');
        $this->addSql('DROP TABLE swap');
        $this->addSql('DROP TABLE tote');
        $this->addSql('DROP TABLE used_key');
        $this->addSql('DROP TABLE wear');
    }
}
