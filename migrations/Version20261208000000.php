<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Several swaps of a home may be open, each with a name of its own. */
final class Version20261208000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Several open swaps.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE swap ADD COLUMN is_following BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('DROP INDEX one_running_swap');
        $this->addSql('CREATE UNIQUE INDEX one_open_swap_a_name ON swap (home_id, name) WHERE closed_at IS NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE swap DROP COLUMN is_following');
        $this->addSql('DROP INDEX one_open_swap_a_name');
        $this->addSql('CREATE UNIQUE INDEX one_running_swap ON swap (home_id) WHERE closed_at IS NULL');
    }
}
