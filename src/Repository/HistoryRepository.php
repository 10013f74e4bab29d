<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Home;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\History;
use BrightCupboard\Core\Stock\Season;
use Doctrine\DBAL\Connection;

/** What the closed swaps of a home know of its pieces. */
final readonly class HistoryRepository
{
    public function __construct(private Connection $db) {}

    /** @param Season|null $season of which the last spot of each piece is asked */
    public function of(Home $home, ?Season $season): Past
    {
        /** @var list<array{string, string, string|null, string|null}> $rows */
        $rows = $this->db->fetchAllNumeric(
            'SELECT s.id, s.season, w.piece_id, w.spot_id FROM swap s LEFT JOIN wear w ON w.swap_id = s.id WHERE s.home_id = ? '
                . 'AND s.closed_at IS NOT NULL ORDER BY s.closed_at DESC, s.id DESC, w.spot_id',
            [$home->id()],
        );
        $age = $last = [];
        /** @var array<string, array{swaps: array<string, true>, idle: int, spot: string|null, in: array<string, true>}> $worn */
        $worn = [];
        foreach ($rows as [$swap, $then, $piece, $spot]) {
            $since = $age[$swap] ??= \count($age);
            $last[$then] ??= $swap;
            if (null !== $piece) {
                $worn[$piece] ??= ['swaps' => [], 'idle' => $since, 'spot' => null, 'in' => []];
                $worn[$piece]['swaps'][$swap] = true;
                $worn[$piece]['in'] += $last[$then] === $swap ? [$then => true] : [];
                $worn[$piece]['spot'] ??= $then === $season?->value ? $spot : null;
            }
        }

        return new Past(
            array_map(static fn(array $known): History => new History(
                \count($known['swaps']),
                $known['idle'],
                $known['spot'],
                stoodIn: array_map(Season::from(...), array_keys($known['in'])),
            ), $worn),
            \count($age),
        );
    }

    /** @return array<string, Choice> by piece id, what was decided when this season was last dressed */
    public function lastChoices(Home $home, Season $season): array
    {
        /** @var array<string, string> $rows */
        $rows = $this->db->fetchAllKeyValue(
            'SELECT piece_id, choice FROM decision WHERE choice IS NOT NULL AND swap_id = (SELECT id FROM swap WHERE home_id = ? '
                . 'AND season = ? AND closed_at IS NOT NULL ORDER BY closed_at DESC, id DESC LIMIT 1)',
            [$home->id(), $season->value],
        );

        return array_map(Choice::from(...), $rows);
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
        /** @var list<array{string, string}> $rows */
        $rows = $this->db->fetchAllNumeric(
            'SELECT p.id, n.text FROM note n JOIN piece p ON p.home_id = ? AND p.removed_at IS NULL AND LENGTH(p.name) > 3 '
                . 'AND INSTR(LOWER(n.text), LOWER(p.name)) > 0 WHERE n.swap_id = (SELECT id FROM swap WHERE home_id = ? AND season = ? '
                . 'AND closed_at IS NOT NULL ORDER BY closed_at DESC, id DESC LIMIT 1) AND n.removed_at IS NULL ORDER BY n.at',
            [$home->id(), $home->id(), $season->value],
        );

        return array_column($rows, 1, 0);
    }
}
