<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Days of a swap beside its swap day; who works on a day and when; what tasks took. */
final class Version20261206000000 extends AbstractMigration
{
    private const WORKING = [
        "crew CLOB DEFAULT '[]' NOT NULL",
        'start_minute INTEGER DEFAULT 570 NOT NULL',
        'latest_end INTEGER DEFAULT NULL',
        "pauses CLOB DEFAULT '[]' NOT NULL",
        'lay_width INTEGER DEFAULT 30480 NOT NULL',
        'lay_depth INTEGER DEFAULT 15240 NOT NULL',
    ];
    private const TASK = [
        'climbs BOOLEAN DEFAULT 0 NOT NULL',
        'lifts BOOLEAN DEFAULT 0 NOT NULL',
        'laid INTEGER DEFAULT 0 NOT NULL',
        'by_rule INTEGER DEFAULT 0 NOT NULL',
        "steps CLOB DEFAULT '[]' NOT NULL",
        'spot_id VARCHAR(26) DEFAULT NULL',
        'took INTEGER DEFAULT NULL',
        'day_id VARCHAR(26) DEFAULT NULL REFERENCES work_day (id) NOT DEFERRABLE INITIALLY IMMEDIATE',
    ];

    public function getDescription(): string
    {
        return 'Days, people, hours.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE work_day (' . implode(', ', self::WORKING) . ", people INTEGER NOT NULL, sheet_built_at DATETIME DEFAULT NULL, sheet_plan VARCHAR(40) DEFAULT NULL, spots CLOB DEFAULT '[]' NOT NULL, name VARCHAR(80) NOT NULL, on_day DATE NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, swap_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_WORK_DAY_SWAP FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE)");
        $this->addSql('CREATE INDEX IDX_WORK_DAY_SWAP ON work_day (swap_id)');
        $this->addSql('CREATE UNIQUE INDEX one_day_a_date ON work_day (swap_id, on_day)');
        foreach (self::WORKING as $column) {
            $this->addSql('ALTER TABLE swap ADD COLUMN ' . $column);
        }
        foreach (self::TASK as $column) {
            $this->addSql('ALTER TABLE sheet_task ADD COLUMN ' . $column);
        }
        $this->addSql('CREATE INDEX IDX_SHEET_TASK_DAY ON sheet_task (day_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_SHEET_TASK_DAY');
        foreach (self::TASK as $column) {
            $this->addSql('ALTER TABLE sheet_task DROP COLUMN ' . explode(' ', $column)[0]);
        }
        foreach (self::WORKING as $column) {
            $this->addSql('ALTER TABLE swap DROP COLUMN ' . explode(' ', $column)[0]);
        }
        $this->addSql('DROP TABLE work_day');
    }
}
