<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Swap\Choice;
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
        /** @var array<string, array{swaps: array<string, true>, idle: int|null, spot: string|null}> $worn */
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

        $last = $this->lastOf($swaps, $season);
        $choices = $this->choices($last);
        foreach (array_keys($choices) as $piece) {
            $worn[$piece] ??= ['swaps' => [], 'idle' => null, 'spot' => null];
        }
        $histories = [];
        foreach ($worn as $piece => $known) {
            $histories[$piece] = new History(\count($known['swaps']), $known['idle'], $known['spot'], $choices[$piece] ?? null);
        }

        return $histories;
    }

    public function closedSwaps(Home $home): int
    {
        $count = $this->db->fetchOne('SELECT COUNT(*) FROM swap WHERE home_id = ? AND closed_at IS NOT NULL', [$home->id()]);

        return \is_numeric($count) ? (int) $count : 0;
    }

    /** @return list<array{\DateTimeImmutable, Season}> day and season of each closed swap */
    public function closedSeasons(Home $home): array
    {
        /** @var list<array{string, string}> $rows */
        $rows = $this->db->fetchAllNumeric('SELECT swap_day, season FROM swap WHERE home_id = ? AND closed_at IS NOT NULL ORDER BY swap_day', [$home->id()]);

        return array_map(static fn(array $row): array => [new \DateTimeImmutable($row[0]), Season::from($row[1])], $rows);
    }

    /** @return array<string, string> piece id => what was noted when this season was last dressed and names the piece */
    public function notes(Home $home, Season $season): array
    {
        /** @var list<array{id: string, season: string}> $swaps */
        $swaps = $this->db->fetchAllAssociative('SELECT id, season FROM swap WHERE home_id = ? AND closed_at IS NOT NULL ORDER BY closed_at DESC, id DESC', [$home->id()]);
        $last = $this->lastOf($swaps, $season);
        if (null === $last) {
            return [];
        }
        /** @var list<array{string, string}> $rows */
        $rows = $this->db->fetchAllNumeric('SELECT p.id, n.text FROM note n JOIN piece p ON p.home_id = ? AND p.removed_at IS NULL AND LENGTH(p.name) > 3 AND INSTR(LOWER(n.text), LOWER(p.name)) > 0 WHERE n.swap_id = ? AND n.removed_at IS NULL ORDER BY n.at', [$home->id(), $last]);

        return array_column($rows, 1, 0);
    }

    /** @param list<array{id: string, season: string}> $swaps newest first */
    private function lastOf(array $swaps, ?Season $season): ?string
    {
        foreach ($swaps as $swap) {
            if (null !== $season && $swap['season'] === $season->value) {
                return $swap['id'];
            }
        }

        return null;
    }

    /** @return array<string, Choice> by piece id */
    private function choices(?string $swap): array
    {
        if (null === $swap) {
            return [];
        }
        /** @var array<string, string> $rows */
        $rows = $this->db->fetchAllKeyValue('SELECT piece_id, choice FROM decision WHERE swap_id = ? AND choice IS NOT NULL', [$swap]);

        return array_map(Choice::from(...), $rows);
    }
}
