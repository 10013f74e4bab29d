<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Faces, parts, sets and photos of pieces; loans; the climate of totes; schools and finer resting of looks. */
final class Version20261126000000 extends AbstractMigration
{
    private const COLUMNS = [
        'look' => ['resting_textures' => "CLOB DEFAULT '[]' NOT NULL", 'resting_pieces' => "CLOB DEFAULT '[]' NOT NULL", 'colour' => "VARCHAR(16) DEFAULT 'as the ribbons' NOT NULL"],
        'piece' => ['faces' => "CLOB DEFAULT '[]' NOT NULL", 'parts' => "CLOB DEFAULT '[]' NOT NULL", 'set_name' => "VARCHAR(80) DEFAULT '' NOT NULL", 'set_of' => 'INTEGER DEFAULT 0 NOT NULL', 'photo_at' => 'DATETIME DEFAULT NULL'],
        'haul_line' => ['restyles' => 'VARCHAR(26) DEFAULT NULL', 'restyled_colours' => "CLOB DEFAULT '[]' NOT NULL"],
        'tote' => ['conditions' => "CLOB DEFAULT '[]' NOT NULL", 'most_grams' => 'INTEGER DEFAULT NULL'],
    ];

    public function getDescription(): string
    {
        return 'What looks and stock in depth need to keep.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE loan (count INTEGER NOT NULL, lent_to VARCHAR(80) NOT NULL, until DATE DEFAULT NULL, since DATE NOT NULL, id VARCHAR(26) NOT NULL, piece_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_C5D30D03C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_C5D30D03C40FCFA8 ON loan (piece_id)');
        $this->addSql('CREATE TABLE photo (jpeg CLOB NOT NULL, piece_id VARCHAR(26) NOT NULL, PRIMARY KEY (piece_id), CONSTRAINT FK_14B78418C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE TABLE table_import (done INTEGER NOT NULL, made CLOB NOT NULL, text CLOB NOT NULL, verdicts CLOB NOT NULL, at DATETIME NOT NULL, id VARCHAR(26) NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_C39CCBDE28CDC89C FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_C39CCBDE28CDC89C ON table_import (home_id)');
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column => $type) {
                $this->addSql("ALTER TABLE {$table} ADD COLUMN {$column} {$type}");
            }
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE table_import');
        $this->addSql('DROP TABLE loan');
        $this->addSql('DROP TABLE photo');
        foreach (self::COLUMNS as $table => $columns) {
            foreach (array_keys($columns) as $column) {
                $this->addSql("ALTER TABLE {$table} DROP COLUMN {$column}");
            }
        }
    }
}
