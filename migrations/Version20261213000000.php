<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The day by which a swap has to stand. */
final class Version20261213000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Dress-by of swaps.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE swap ADD COLUMN dress_by DATE DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE swap DROP COLUMN dress_by');
    }
}
