<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** How long what is rolled, coiled or folded runs when it is laid out. */
final class Version20261127000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Lengths of rolls.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD COLUMN laid_out INTEGER DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP COLUMN laid_out');
    }
}
