<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was noticed when pieces were handled, and how spots looked. */
final class Version20261209000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Damages that were found, photos of spots.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE found_damage (damage VARCHAR(14) NOT NULL, count INTEGER NOT NULL, on_day DATE NOT NULL, found_by VARCHAR(80) NOT NULL, id VARCHAR(26) NOT NULL, line_id VARCHAR(26) DEFAULT NULL, piece_id VARCHAR(26) NOT NULL, swap_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_578C7D134D7B7542 FOREIGN KEY (line_id) REFERENCES haul_line (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_578C7D13C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_578C7D13A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_578C7D134D7B7542 ON found_damage (line_id)');
        $this->addSql('CREATE INDEX IDX_578C7D13C40FCFA8 ON found_damage (piece_id)');
        $this->addSql('CREATE INDEX IDX_578C7D13A6CAF2 ON found_damage (swap_id)');
        $this->addSql('CREATE TABLE spot_photo (jpeg CLOB NOT NULL, at DATETIME NOT NULL, taken_by VARCHAR(80) NOT NULL, moment VARCHAR(6) NOT NULL, id VARCHAR(26) NOT NULL, swap_id VARCHAR(26) NOT NULL, spot_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_30F61A30A6CAF2 FOREIGN KEY (swap_id) REFERENCES swap (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_30F61A302DF1D37C FOREIGN KEY (spot_id) REFERENCES spot (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX one_photo_a_spot_and_moment ON spot_photo (swap_id, spot_id, moment)');
        $this->addSql('CREATE INDEX IDX_30F61A30A6CAF2 ON spot_photo (swap_id)');
        $this->addSql('CREATE INDEX IDX_30F61A302DF1D37C ON spot_photo (spot_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE found_damage');
        $this->addSql('DROP TABLE spot_photo');
    }
}
