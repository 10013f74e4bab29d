<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is to be known of a spot beside its measures. */
final class Version20261218000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A spot has a note.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE spot ADD COLUMN note VARCHAR(300) DEFAULT '' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE spot DROP COLUMN note');
    }
}
