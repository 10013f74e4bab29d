<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The calendar of a home, its private address, care, and the day a swap is struck. */
final class Version20261207000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Calendar, care, strike day.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE home_calendar (feasts VARCHAR(6000) NOT NULL, hemisphere VARCHAR(5) NOT NULL, id VARCHAR(26) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_HOME_CALENDAR_HOME FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX one_calendar_a_home ON home_calendar (home_id)');
        $this->addSql('CREATE TABLE calendar_feed (feed_key VARCHAR(40) NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (home_id), CONSTRAINT FK_CALENDAR_FEED_HOME FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX one_home_a_feed ON calendar_feed (feed_key)');
        $this->addSql('CREATE TABLE care_done (job VARCHAR(40) NOT NULL, on_day DATE NOT NULL, "by" VARCHAR(80) NOT NULL, id VARCHAR(26) NOT NULL, piece_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_CARE_DONE_PIECE FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX one_care_a_job ON care_done (piece_id, job)');
        $this->addSql('ALTER TABLE swap ADD COLUMN strike_on DATE DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE swap DROP COLUMN strike_on');
        $this->addSql('DROP TABLE care_done');
        $this->addSql('DROP TABLE calendar_feed');
        $this->addSql('DROP TABLE home_calendar');
    }
}
