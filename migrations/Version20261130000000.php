<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Spots of every form; what is placed knows its board and its posture. What is there keeps its place: one board, the posture of habit. */
final class Version20261130000000 extends AbstractMigration
{
    private const SPOT = [
        'tiers' => "CLOB DEFAULT '[]' NOT NULL",
        'table_shape' => "VARCHAR(12) DEFAULT 'rectangular' NOT NULL",
        'seats' => 'INTEGER DEFAULT 0 NOT NULL',
        'rise' => 'INTEGER DEFAULT NULL',
        'posts' => 'INTEGER DEFAULT 0 NOT NULL',
        'below_width' => 'INTEGER DEFAULT NULL',
        'below_top' => 'INTEGER DEFAULT NULL',
    ];
    private const PLACEMENT = ['tier' => 'INTEGER DEFAULT 0 NOT NULL', 'posture' => 'VARCHAR(8) DEFAULT NULL'];

    public function getDescription(): string
    {
        return 'Boards, seats, rise and what stands below, for spots of every form; board and posture of what is placed.';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        foreach (['spot' => self::SPOT, 'placement' => self::PLACEMENT] as $table => $columns) {
            foreach ($columns as $column => $type) {
                $this->addSql("ALTER TABLE {$table} ADD COLUMN {$column} {$type}");
            }
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['spot' => self::SPOT, 'placement' => self::PLACEMENT] as $table => $columns) {
            foreach (array_keys($columns) as $column) {
                $this->addSql("ALTER TABLE {$table} DROP COLUMN {$column}");
            }
        }
    }
}
