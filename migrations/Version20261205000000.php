<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What nobody said of a piece, so that the usual stands there until somebody looks; what was put right in a sheet; words of a home. */
final class Version20261205000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What of a piece is assumed.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE piece ADD COLUMN assumed CLOB DEFAULT '[]' NOT NULL");
        $this->addSql('CREATE TABLE home_word (word VARCHAR(40) NOT NULL, means VARCHAR(200) NOT NULL, id VARCHAR(26) NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_HOME_WORD_HOME FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_HOME_WORD_HOME ON home_word (home_id)');
        $this->addSql('CREATE UNIQUE INDEX one_meaning ON home_word (home_id, word)');
        $this->addSql("ALTER TABLE table_import ADD COLUMN columns CLOB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE table_import ADD COLUMN mends CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE home_word');
        $this->addSql('ALTER TABLE piece DROP COLUMN assumed');
        $this->addSql('ALTER TABLE table_import DROP COLUMN columns');
        $this->addSql('ALTER TABLE table_import DROP COLUMN mends');
    }
}
