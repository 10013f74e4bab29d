<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever is done, in whatever order, also when it is refused: every unit of every piece stays somewhere, and no other home is touched. */
final class ConservationTest extends AppTestCase
{
    private const ACTS = 60;

    private Randomizer $random;
    /** @var array<string, int> what was answered, by status */
    private array $answers = [];

    #[TestWith([11])]
    #[TestWith([12])]
    #[TestWith([13])]
    public function testSeededActsNeitherMakeNorLoseAUnit(int $seed): void
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->signIn();
        $before = $this->unitsByPiece();
        $elsewhere = $this->standingElsewhere();
        for ($i = 0; $i < self::ACTS; ++$i) {
            $act = $this->act($i);
            self::assertLessThan(500, $this->code(), "seed {$seed}, act {$i}: {$act}: {$this->text()}");
            $this->answers[(string) $this->code()] = 1 + ($this->answers[(string) $this->code()] ?? 0);
            self::assertSame($before, $this->unitsByPiece(), "seed {$seed}, act {$i}: {$act} made or lost a unit");
        }
        self::assertSame(
            [],
            $this->db()->fetchAllAssociative(
                'SELECT s.piece_id, p.count, SUM(s.count) AS units FROM standing s JOIN piece p ON p.id = s.piece_id '
                    . 'GROUP BY s.piece_id HAVING units <> p.count',
            ),
            'the books of a piece and its places differ',
        );
        self::assertSame([], $this->db()->fetchAllAssociative('SELECT * FROM standing WHERE count < 0'));
        self::assertSame($elsewhere, $this->standingElsewhere());
        self::assertGreaterThan(self::ACTS / 3, $this->answers['200'] + ($this->answers['201'] ?? 0), 'most acts were refused: this proves little');
    }

    /** Whatever was done, in whatever order: taken back one by one, the newest first, the books read as before the first. */
    #[TestWith([31])]
    #[TestWith([32])]
    public function testEverythingDoneIsUndoneToTheLetter(int $seed): void
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->signIn();
        $before = $this->books();
        for ($i = 0; $i < self::ACTS / 2; ++$i) {
            $this->act($i);
        }
        $after = $this->books();
        $undone = 0;
        while (200 === $this->undone() && $undone < 200) {
            ++$undone;
        }
        self::assertSame($before, $this->books());
        for ($i = 0; $i < $undone; ++$i) {
            $this->call('POST', $this->home() . '/redo');
            self::assertSame(200, $this->code(), $this->text());
        }

        self::assertSame($after, $this->books());
        self::assertGreaterThan(self::ACTS / 6, $undone);
    }

    private function undone(): int
    {
        $this->undo();

        return $this->code();
    }

    /** @return array<string, list<array<string, mixed>>> all that acts change, without what only ever counts on */
    private function books(): array
    {
        $queries = [
            'standing' => 'SELECT piece_id, place, count FROM standing WHERE count > 0 ORDER BY 1, 2',
            'decision' => 'SELECT swap_id, piece_id, choice FROM decision WHERE choice IS NOT NULL ORDER BY 1, 2',
            'placement' => 'SELECT id, piece_id, spot_id, count, left_edge, layer, "raise", tier, posture FROM placement ORDER BY 1',
            'spot_version' => 'SELECT id, spot_id, label, places FROM spot_version ORDER BY 1',
            'spot' => 'SELECT id, school, mood, overruled, ribbons FROM spot ORDER BY 1',
            'task' => 'SELECT id, task_key, done_at IS NULL AS is_open, moves FROM sheet_task ORDER BY 1',
            'kept_sum' => 'SELECT id, name, given, said, reckoned, used, removed_at IS NULL AS is_there FROM kept_sum ORDER BY 1',
            'haul_line' => 'SELECT id, name, needed, run FROM haul_line ORDER BY 1',
            'loan' => 'SELECT piece_id, count, lent_to FROM loan WHERE count > 0 ORDER BY 1, 2',
            'piece' => 'SELECT id, count, own_tote, removed_at IS NULL AS is_there FROM piece ORDER BY 1',
        ];

        return array_map($this->db()->fetchAllAssociative(...), $queries);
    }

    private function act(int $i): string
    {
        return match ($this->random->getInt(0, 12)) {
            0, 1 => $this->move(),
            2 => $this->decide(),
            3 => $this->place(),
            4 => $this->buildTheDay(),
            5 => $this->tick($i),
            6 => $this->undoIt(),
            7 => $this->keepAVersion(),
            8 => $this->chooseOrDropAVersion(),
            9 => $this->judgeASpot(),
            10 => $this->keepASum(),
            11 => $this->useASum(),
            default => $this->takeStock(),
        };
    }

    private function move(): string
    {
        $from = $this->one(
            'SELECT s.piece_id AS id, s.place, s.count FROM standing s JOIN piece p ON p.id = s.piece_id JOIN home h ON h.id = p.home_id '
                . 'WHERE s.count > 0 AND h.name = ?',
        );
        $to = $this->random->getInt(0, 2) > 0
            ? 'tote:' . $this->one('SELECT t.id FROM tote t JOIN home h ON h.id = t.home_id WHERE h.name = ?')['id']
            : ['loose', 'lent', 'lost', 'nowhere'][$this->random->getInt(0, 3)];
        $this->call(
            'POST',
            $this->home() . "/pieces/{$from['id']}/moves",
            ['count' => $this->random->getInt(1, 1 + (int) $from['count']), 'from' => $from['place'], 'to' => $to],
        );

        return "move from {$from['place']} to {$to}";
    }

    private function decide(): string
    {
        $piece = $this->anyPiece();
        $row = array_values(array_filter($this->call('GET', $this->swap() . '/table')['rows'], static fn(array $row): bool => $row['piece'] === $piece))[0];
        $choice = ['stay', 'move', 'bring', 'rest', 'part', null][$this->random->getInt(0, 5)];
        $this->call('PUT', $this->swap() . '/decisions', ['decisions' => [['piece' => $piece, 'choice' => $choice, 'version' => $row['version']]]]);

        return 'decide ' . ($choice ?? 'nothing');
    }

    private function place(): string
    {
        $spot = $this->one('SELECT s.id FROM spot s JOIN room r ON r.id = s.room_id JOIN home h ON h.id = r.home_id WHERE h.name = ?')['id'];
        $this->call(
            'POST',
            $this->swap() . '/placements',
            ['piece' => $this->anyPiece(), 'spot' => $spot, 'count' => $this->random->getInt(1, 3), 'left' => null, 'layer' => null, 'raise' => 0],
        );

        return 'place';
    }

    private function anySpot(): string
    {
        return (string) $this->one('SELECT s.id FROM spot s JOIN room r ON r.id = s.room_id JOIN home h ON h.id = r.home_id WHERE h.name = ?')['id'];
    }

    private function keepAVersion(): string
    {
        $from = ['as it stands', 'centred', 'off-centre'][$this->random->getInt(0, 2)];
        $this->call(
            'POST',
            $this->swap() . "/spots/{$this->anySpot()}/versions",
            ['from' => $from, 'onto' => 0 === $this->random->getInt(0, 2) ? $this->anySpot() : null],
        );

        return 'keep a version ' . $from;
    }

    private function chooseOrDropAVersion(): string
    {
        $versions = $this->db()->fetchFirstColumn('SELECT id FROM spot_version ORDER BY id');
        if ([] === $versions) {
            return $this->keepAVersion();
        }
        $version = $versions[$this->random->getInt(0, \count($versions) - 1)];
        $isChosen = 0 < $this->random->getInt(0, 2);
        $isChosen
            ? $this->call('POST', $this->swap() . "/versions/{$version}/choice", ['brings' => 0 === $this->random->getInt(0, 1)])
            : $this->call('DELETE', $this->swap() . "/versions/{$version}");

        return $isChosen ? 'choose a version' : 'drop a version';
    }

    private function judgeASpot(): string
    {
        $taste = [
            'school' => [null, 'centred', 'off-centre'][$this->random->getInt(0, 2)],
            'mood' => 0 === $this->random->getInt(0, 1) ? null : $this->random->getInt(0, 100),
            'overruled' => 0 === $this->random->getInt(0, 1) ? [] : ['groups.odd'],
            'ribbons' => 0 === $this->random->getInt(0, 1) ? [] : ['Brass'],
        ];
        $this->call('PUT', $this->swap() . "/spots/{$this->anySpot()}/taste", $taste);

        return 'judge a spot';
    }

    private function keepASum(): string
    {
        $sum = ['garland', 'ribbon', 'lights', 'hooks', 'stems', 'batteries'][$this->random->getInt(0, 5)];
        $this->call(
            'POST',
            $this->home() . '/kept-sums',
            ['name' => 'Some ' . $sum, 'sum' => $sum, 'values' => [], 'swap' => basename($this->swap()), 'spot' => $this->anySpot()],
        );

        return 'keep a sum of ' . $sum;
    }

    private function useASum(): string
    {
        $kept = $this->db()->fetchFirstColumn('SELECT id FROM kept_sum WHERE removed_at IS NULL ORDER BY id');
        $sum = (string) $kept[$this->random->getInt(0, \count($kept) - 1)];
        match ($this->random->getInt(0, 2)) {
            0 => $this->call('PUT', $this->home() . "/kept-sums/{$sum}/used", ['used' => (string) $this->random->getInt(1, 90)]),
            1 => $this->call('POST', $this->swap() . '/sums/hooks/lines', ['values' => [], 'swap' => null, 'spot' => $this->anySpot()]),
            default => $this->call('DELETE', $this->home() . "/kept-sums/{$sum}"),
        };

        return 'use a sum';
    }

    private function buildTheDay(): string
    {
        $this->call('POST', $this->swap() . '/day', ['people' => $this->random->getInt(1, 2)]);

        return 'work the day out';
    }

    private function tick(int $i): string
    {
        $tasks = $this->call('GET', $this->swap() . '/day')['tasks'] ?? [];
        if ([] === $tasks) {
            return $this->buildTheDay();
        }
        $task = $tasks[$this->random->getInt(0, \count($tasks) - 1)];
        $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => 0 < $this->random->getInt(0, 3), 'key' => 'walk-' . $i]);

        return "tick {$task['phase']} {$task['title']}";
    }

    private function undoIt(): string
    {
        $this->undo();

        return 'undo';
    }

    private function takeStock(): string
    {
        $tote = $this->one('SELECT t.id, t.code FROM tote t JOIN home h ON h.id = t.home_id WHERE h.name = ?');
        $counted = [];
        foreach ($this->call('GET', $this->home() . "/totes/{$tote['id']}/contents")['content'] as $one) {
            $counted[] = ['piece' => $one['piece'], 'units' => max(0, $one['units'] + $this->random->getInt(-1, 1))];
        }
        $this->call('POST', $this->home() . "/totes/{$tote['id']}/stock-take", ['counted' => $counted, 'keep' => true]);

        return "count {$tote['code']}";
    }

    private function anyPiece(): string
    {
        return (string) $this->one('SELECT p.id FROM piece p JOIN home h ON h.id = p.home_id WHERE p.removed_at IS NULL AND h.name = ?')['id'];
    }

    /** @return array<string, int|string|null> any row of a query about Ferry House */
    private function one(string $query): array
    {
        $rows = $this->db()->fetchAllAssociative($query . ' ORDER BY 1', ['Ferry House']);

        return $rows[$this->random->getInt(0, \count($rows) - 1)];
    }

    /** @return list<array<string, mixed>> */
    private function standingElsewhere(): array
    {
        return $this->db()->fetchAllAssociative(
            "SELECT s.piece_id, s.place, s.count FROM standing s JOIN piece p ON p.id = s.piece_id JOIN home h ON h.id = p.home_id "
                . "WHERE h.name <> 'Ferry House' ORDER BY 1, 2",
        );
    }
}
