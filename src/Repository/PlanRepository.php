<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Swap;
use BrightCupboard\Core\Swap\Choice;
use Doctrine\DBAL\Connection;

/** What a swap has decided and placed, read in bulk. */
final readonly class PlanRepository
{
    public function __construct(private Connection $db) {}

    /** @return array<string, DecisionRow> by piece id */
    public function decisions(Swap $swap): array
    {
        /** @var iterable<array{string, string|null, string, int}> $rows */
        $rows = $this->db->iterateNumeric('SELECT piece_id, choice, "by", version FROM decision WHERE swap_id = ?', [$swap->id()]);
        $decisions = [];
        foreach ($rows as [$piece, $choice, $by, $version]) {
            $decisions[$piece] = new DecisionRow(null === $choice ? null : Choice::from($choice), $by, $version);
        }

        return $decisions;
    }

    /** @return array<string, array<string, int>> piece id => spot id => units */
    public function placed(Swap $swap): array
    {
        /** @var list<array{piece_id: string, spot_id: string, units: int|string}> $rows */
        $rows = $this->db->fetchAllAssociative('SELECT piece_id, spot_id, SUM(count) AS units FROM placement WHERE swap_id = ? GROUP BY piece_id, spot_id ORDER BY piece_id, spot_id', [$swap->id()]);
        $placed = [];
        foreach ($rows as $row) {
            $placed[$row['piece_id']][$row['spot_id']] = (int) $row['units'];
        }

        return $placed;
    }
}
