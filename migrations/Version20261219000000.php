<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The colour of what things are put on: the cover of a seat, the top of a table. */
final class Version20261219000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A spot has the colour of its cover or top.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE spot ADD COLUMN cover VARCHAR(7) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE spot DROP COLUMN cover');
    }
}
