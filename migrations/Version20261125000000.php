<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Lets the whole stock be read in order of name, and each piece's places be found, without sorting. */
final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Indexes for reading the whole stock at once.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX piece_by_name ON piece (home_id, name, id)');
        $this->addSql('CREATE INDEX standing_by_piece ON standing (piece_id, place, count)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX piece_by_name');
        $this->addSql('DROP INDEX standing_by_piece');
    }
}
