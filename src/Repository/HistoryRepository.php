<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Swap\History;
use Doctrine\DBAL\Connection;

/** What the closed swaps of a home know of its pieces. */
final readonly class HistoryRepository
{
    public function __construct(private Connection $db) {}

    /** @return array<string, History> by piece id; pieces never worn are missing and idle since the first closed swap */
    public function of(Home $home, ?Season $season): array
    {
        /** @var list<array{id: string, season: string}> $swaps */
        $swaps = $this->db->fetchAllAssociative('SELECT id, season FROM swap WHERE home_id = ? AND closed_at IS NOT NULL ORDER BY closed_at DESC, id DESC', [$home->id()]);
        $age = [];
        foreach ($swaps as $i => $swap) {
            $age[$swap['id']] = [$i, $swap['season']];
        }
        /** @var list<array{swap_id: string, piece_id: string, spot_id: string}> $rows */
        $rows = $this->db->fetchAllAssociative('SELECT w.swap_id, w.piece_id, w.spot_id FROM wear w JOIN swap s ON s.id = w.swap_id WHERE s.home_id = ? ORDER BY s.closed_at DESC, s.id DESC, w.spot_id', [$home->id()]);
        /** @var array<string, array{swaps: array<string, true>, idle: int, spot: string|null}> $worn */
        $worn = [];
        foreach ($rows as $row) {
            [$since, $then] = $age[$row['swap_id']] ?? [0, ''];
            $known = $worn[$row['piece_id']] ?? ['swaps' => [], 'idle' => $since, 'spot' => null];
            $known['swaps'][$row['swap_id']] = true;
            if (null === $known['spot'] && $then === $season?->value) {
                $known['spot'] = $row['spot_id'];
            }
            $worn[$row['piece_id']] = $known;
        }

        return array_map(static fn(array $known): History => new History(\count($known['swaps']), $known['idle'], $known['spot']), $worn);
    }

    public function closedSwaps(Home $home): int
    {
        $count = $this->db->fetchOne('SELECT COUNT(*) FROM swap WHERE home_id = ? AND closed_at IS NOT NULL', [$home->id()]);

        return \is_numeric($count) ? (int) $count : 0;
    }
}
