<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What every spot of a kind is made of in a home; skirts are skirts. */
final class Version20261220000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A home may have recipes of its own.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE home_recipe (kind VARCHAR(20) NOT NULL, wanted CLOB NOT NULL, id VARCHAR(26) NOT NULL, home_id VARCHAR(26) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_HOME_RECIPE_HOME FOREIGN KEY (home_id) REFERENCES home (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_HOME_RECIPE_HOME ON home_recipe (home_id)');
        $this->addSql('CREATE UNIQUE INDEX one_recipe ON home_recipe (home_id, kind)');
        // Skirts were kept as throws until they were a kind of their own.
        $this->addSql("UPDATE piece SET kind = 'tree skirt' WHERE kind = 'throw' AND LOWER(name) LIKE '%tree skirt%'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql("UPDATE piece SET kind = 'throw' WHERE kind = 'tree skirt'");
        $this->addSql('DROP TABLE home_recipe');
    }
}
