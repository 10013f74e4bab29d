<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The journal with its marks, failed sign-ins, and in the database what there can be only one of. */
final class Version20261128000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was done and the way back; failed sign-ins; one code a tote, one running swap a home, one task a key.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE journal_entry (id VARCHAR(26) NOT NULL, home_id VARCHAR(26) NOT NULL, at DATETIME NOT NULL, "by" VARCHAR(80) NOT NULL, person_id VARCHAR(26) NOT NULL, swap_id VARCHAR(26) DEFAULT NULL, sentence VARCHAR(220) NOT NULL, takes_back VARCHAR(26) DEFAULT NULL, taken_back_by VARCHAR(26) DEFAULT NULL, is_undoing SMALLINT DEFAULT 0 NOT NULL, changes CLOB NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX journal_by_home ON journal_entry (home_id, id)');
        $this->addSql('CREATE INDEX journal_by_person ON journal_entry (home_id, person_id, id)');
        $this->addSql('CREATE TABLE journal_mark (entry_id VARCHAR(26) NOT NULL, mark VARCHAR(120) NOT NULL, PRIMARY KEY (mark, entry_id))');
        $this->addSql('CREATE INDEX journal_mark_by_entry ON journal_mark (entry_id)');
        $this->addSql('CREATE TABLE failed_sign_in (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at DATETIME NOT NULL, address VARCHAR(45) NOT NULL, email VARCHAR(180) NOT NULL)');
        $this->addSql('CREATE INDEX failed_sign_in_by_address ON failed_sign_in (address, at)');
        $this->addSql('CREATE INDEX failed_sign_in_by_email ON failed_sign_in (email, at)');
        $this->addSql("UPDATE tote SET code = SUBSTR(code, 1, 12) || ' ' || SUBSTR(id, -6) WHERE removed_at IS NULL AND EXISTS (SELECT 1 FROM tote o WHERE o.home_id = tote.home_id AND o.removed_at IS NULL AND LOWER(o.code) = LOWER(tote.code) AND o.id < tote.id)");
        $this->addSql('CREATE UNIQUE INDEX one_tote_a_code ON tote (home_id, LOWER(code)) WHERE removed_at IS NULL');
        $this->addSql('CREATE UNIQUE INDEX one_running_swap ON swap (home_id) WHERE closed_at IS NULL');
        $this->addSql('CREATE UNIQUE INDEX one_task_a_key ON sheet_task (swap_id, task_key)');
    }

    public function down(Schema $schema): void
    {
        foreach (['one_task_a_key', 'one_running_swap', 'one_tote_a_code'] as $index) {
            $this->addSql('DROP INDEX ' . $index);
        }
        foreach (['failed_sign_in', 'journal_mark', 'journal_entry'] as $table) {
            $this->addSql('DROP TABLE ' . $table);
        }
    }
}
