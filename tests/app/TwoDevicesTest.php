<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Browser\Support\DemoServer;
use App\Tests\Support\Device;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The same home from several devices at the same moment, against several server processes: the books stay right and nobody is answered nonsense. */
final class TwoDevicesTest extends TestCase
{
    private static DemoServer $server;
    private static \SQLite3 $db;
    /** @var list<Device> */
    private static array $devices = [];

    public static function setUpBeforeClass(): void
    {
        self::$server = new DemoServer();
        self::$server->start();
        self::$db = new \SQLite3(self::$server->database);
        self::$db->busyTimeout(20_000);
        self::$devices = array_map(static fn(): Device => new Device(self::$server->url), range(1, 4));
    }

    public static function tearDownAfterClass(): void
    {
        self::$db->close();
        self::$server->stop();
    }

    protected function tearDown(): void
    {
        self::assertSame(
            [],
            $this->rows(
                'SELECT p.name, p.count, SUM(s.count) AS units FROM standing s JOIN piece p ON p.id = s.piece_id GROUP BY s.piece_id HAVING units <> p.count',
            ),
            'the books of a piece and its places differ',
        );
        self::assertSame([], $this->rows('SELECT * FROM standing WHERE count < 0'));
        self::assertSame(200, self::$devices[0]->ask('GET', $this->swap() . '/day')[0], 'the day can still be read');
    }

    public function testOneUnitComesToStandOnOneSpotOnly(): void
    {
        $piece = $this->id("SELECT id FROM piece WHERE name = 'Ice hare'");
        $spots = $this->column(
            "SELECT s.id FROM spot s JOIN room r ON r.id = s.room_id JOIN home h ON h.id = r.home_id WHERE h.name = 'Ferry House' ORDER BY s.id LIMIT 4",
        );
        $statuses = $this->statuses(array_map(
            fn(string $spot): array => [
                'POST',
                $this->swap() . '/placements',
                ['piece' => $piece, 'spot' => $spot, 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0],
            ],
            $spots,
        ));

        self::assertSame([201, 422, 422, 422], $statuses);
    }

    public function testACountCorrectedWhileUnitsMove(): void
    {
        $piece = $this->row(
            "SELECT p.id, p.count, p.version, s.place FROM piece p JOIN home h ON h.id = p.home_id AND h.name = 'Ferry House' JOIN standing s "
                . "ON s.piece_id = p.id AND s.count = p.count WHERE p.count > 1 AND p.parts = '[]' AND s.place LIKE 'tote:%' "
                . "AND NOT EXISTS (SELECT 1 FROM placement x JOIN swap w ON w.id = x.swap_id WHERE x.piece_id = p.id "
                . "AND w.closed_at IS NULL) ORDER BY p.id LIMIT 1",
        );
        $read = $this->pieceInput((string) $piece['id']);
        $move = [
            'POST',
            $this->home() . "/pieces/{$piece['id']}/moves",
            ['count' => 1, 'from' => $piece['place'], 'to' => 'loose', 'lentTo' => '', 'lentUntil' => ''],
        ];
        $statuses = $this->statuses([['PUT', $this->home() . "/pieces/{$piece['id']}", ['count' => (int) $piece['count'] - 1] + $read], $move, $move, $move]);

        self::assertSame([], array_diff($statuses, [200, 409, 422]));
    }

    public function testTheSameUnitsArePutTogetherOnce(): void
    {
        $parts = array_map(
            fn(string $name): array => ['piece' => $this->id("SELECT id FROM piece WHERE name = '{$name}'"), 'units' => 1],
            ['Juniper urn', 'Juniper bunch'],
        );
        $statuses = $this->statuses(array_fill(
            0,
            4,
            [
                'POST',
                $this->home() . '/arrangements',
                [
                    'name' => 'Hall urn',
                    'kind' => 'arrangement',
                    'parts' => $parts,
                    'width' => '',
                    'depth' => '',
                    'height' => '',
                    'place' => 'loose',
                    'keep' => true,
                ],
            ],
        ));

        self::assertSame([200, 422, 422, 422], $statuses);
    }

    /** Four devices put four cells of one sheet right at the same moment: all four are right afterwards. */
    public function testASheetIsPutRightFromFourDevices(): void
    {
        $rows = implode('', array_map(static fn(int $i): string => "thing {$i},some,9 in,vase\n", range(1, 4)));
        [$status, $read] = self::$devices[0]->ask('POST', $this->home() . '/tables', ['base64' => base64_encode("Item,Qty,Height,Kind\n{$rows}")]);
        self::assertSame([201, 4], [$status, $read['bad']]);
        $statuses = $this->statuses(array_map(
            fn(int $i): array => [
                'POST',
                $this->home() . "/tables/{$read['id']}/mends",
                ['columns' => [], 'cells' => [['line' => 1 + $i, 'field' => 'count', 'said' => 'some', 'cell' => (string) $i]]],
            ],
            range(1, 4),
        ));
        [, $now] = self::$devices[0]->ask('POST', $this->home() . "/tables/{$read['id']}/mends", ['columns' => [], 'cells' => []]);

        self::assertSame([[200, 200, 200, 200], 4, 0], [$statuses, $now['good'], $now['bad']]);
    }

    public function testAWordOfTheHomeIsKeptOnce(): void
    {
        $statuses = $this->statuses(array_map(
            fn(string $means): array => ['PUT', $this->home() . '/words', ['word' => 'cosy', 'means' => $means]],
            ['wool', 'knit', 'throw', 'candle'],
        ));

        self::assertSame([], array_diff($statuses, [200, 409]));
        self::assertCount(1, $this->rows("SELECT means FROM home_word WHERE word = 'cosy'"));
    }

    public function testARecipeOfTheHomeIsKeptOnce(): void
    {
        $statuses = $this->statuses(array_map(
            fn(int $count): array => ['PUT', $this->home() . '/recipes/hearth', ['parts' => [['role' => 'light', 'count' => $count]]]],
            range(1, 4),
        ));

        self::assertSame([], array_diff($statuses, [200, 409]));
        self::assertCount(1, $this->rows("SELECT wanted FROM home_recipe WHERE kind = 'hearth'"));
    }

    public function testASheetIsTakenInOnce(): void
    {
        $before = \count($this->column('SELECT id FROM piece'));
        $sheet = self::$devices[0]->ask(
            'POST',
            $this->home() . '/tables',
            ['base64' => base64_encode("name,count,size,colour\nReed star,1,9 in,straw\nTin pail,1,8 in,silver\n")],
        )[1];
        $statuses = $this->statuses(array_fill(
            0,
            4,
            ['PUT', $this->home() . '/tables/' . $sheet['id'], ['leaveOutBad' => true, 'leaveOutDoubles' => true, 'most' => 500]],
        ));

        self::assertSame([200, 200, 200, 200], $statuses);
        self::assertCount($before + $sheet['good'], $this->column('SELECT id FROM piece'));
    }

    /** Four people cut the same sum at once: each cut is made of what is still there, and no length is made or lost. */
    public function testOneLengthIsCutOnceHoweverManyCutIt(): void
    {
        $length = fn(): float => (float) $this->id(
            "SELECT SUM(p.width * s.count) FROM piece p JOIN standing s ON s.piece_id = p.id AND s.place <> 'parted' JOIN home h "
                . "ON h.id = p.home_id WHERE h.name = 'Ferry House' AND p.kind = 'garland' AND p.removed_at IS NULL",
        );
        $before = $length();
        $body = ['values' => [['name' => 'run', 'text' => '20 in'], ['name' => 'overhang', 'text' => '0']], 'swap' => null, 'spot' => null];
        $statuses = $this->statuses(array_fill(0, 4, ['POST', $this->home() . '/sums/garland/cuts', $body]));

        self::assertSame([], array_diff($statuses, [200, 204, 409, 422]));
        self::assertContains(204, $statuses);
        self::assertSame($before, $length());
    }

    public function testASpotIsNotTakenAwayUnderWhatIsPutThere(): void
    {
        $spot = self::$devices[0]->ask('POST', $this->home() . '/house/lines', ['line' => 'Hall: narrow shelf 30 x 9', 'room' => ''])[1]['spot']['id'];
        $piece = $this->id(
            "SELECT p.id FROM piece p JOIN standing s ON s.piece_id = p.id AND s.place LIKE 'tote:%' "
                . "WHERE p.name = 'Sleigh bell' OR p.kind = 'bell' ORDER BY p.id LIMIT 1",
        );
        $this->statuses([
            ['DELETE', $this->home() . '/spots/' . $spot, null],
            ['POST', $this->swap() . '/placements', ['piece' => $piece, 'spot' => $spot, 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0]],
        ]);
        $orphans = $this->column(
            "SELECT p.id FROM placement p JOIN spot s ON s.id = p.spot_id JOIN swap w ON w.id = p.swap_id WHERE s.removed_at IS NOT NULL "
                . "AND w.closed_at IS NULL",
        );

        self::assertSame([], $orphans);
    }

    public function testAGapIsClosedOnceAndTheOthersSeeHow(): void
    {
        $need = $this->id('SELECT id FROM need WHERE filled_by IS NULL AND removed_at IS NULL ORDER BY id LIMIT 1');
        $pieces = $this->column(
            "SELECT p.id FROM piece p JOIN standing s ON s.piece_id = p.id AND s.place LIKE 'tote:%' JOIN home h ON h.id = p.home_id "
                . "WHERE h.name = 'Ferry House' AND NOT EXISTS (SELECT 1 FROM placement x WHERE x.piece_id = p.id) ORDER BY p.id DESC LIMIT 3",
        );
        $answers = $this->answers(array_map(fn(string $piece): array => ['PUT', $this->home() . "/needs/{$need}/piece", ['piece' => $piece]], $pieces));
        $refused = array_values(array_filter($answers, static fn(array $answer): bool => 409 === $answer[0]));

        self::assertSame([200, 409, 409], $this->sorted(array_column($answers, 0)));
        self::assertSame([$need, $need], array_map(static fn(array $answer): mixed => $answer[1]['current']['id'] ?? null, $refused));
    }

    /** Whoever is slower sees both sides, however close the race was. */
    #[TestWith(['piece'])]
    #[TestWith(['room'])]
    public function testOfFourChangesToOneThingOneCounts(string $what): void
    {
        $id = $this->id("SELECT t.id FROM {$what} t JOIN home h ON h.id = t.home_id WHERE h.name = 'Ferry House' ORDER BY t.id LIMIT 1");
        $version = (int) $this->id("SELECT version FROM {$what} WHERE id = '{$id}'");
        $body = 'piece' === $what ? $this->pieceInput($id) : ['name' => 'Porch', 'round' => 0, 'version' => $version];
        $answers = $this->answers(array_map(fn(int $i): array => ['PUT', $this->home() . "/{$what}s/{$id}", ['name' => "Changed {$i}"] + $body], range(1, 4)));
        $refused = array_filter($answers, static fn(array $answer): bool => 409 === $answer[0]);

        self::assertSame([200, 409, 409, 409], $this->sorted(array_column($answers, 0)), json_encode(array_column($answers, 1), \JSON_THROW_ON_ERROR));
        self::assertCount(
            3,
            array_filter($refused, static fn(array $answer): bool => str_starts_with((string) ($answer[1]['current']['name'] ?? ''), 'Changed')),
        );
    }

    public function testASwapIsClosedOnceAndTheNextIsBegunOnce(): void
    {
        $flat = '/api/homes/' . $this->id("SELECT id FROM home WHERE name = 'Orchard Flat'");
        $swap = $flat . '/swaps/' . $this->id("SELECT s.id FROM swap s JOIN home h ON h.id = s.home_id WHERE h.name = 'Orchard Flat' AND s.closed_at IS NULL");
        self::assertSame([200, 409, 409, 409], $this->statuses(array_fill(0, 4, ['POST', $swap . '/close', ['leaveOpen' => true]])));
        $begun = $this->statuses(array_fill(
            0,
            4,
            [
                'POST',
                $flat . '/swaps',
                ['name' => 'First Thaw', 'season' => 'spring', 'swapDay' => '2027-03-01', 'budget' => '', 'giftCard' => '', 'look' => ''],
            ],
        ));

        self::assertSame([201, 409, 409, 409], $begun);
    }

    public function testATickSentFromTwoPhonesMovesItsUnitsOnce(): void
    {
        $sheet = self::$devices[0]->ask('POST', $this->swap() . '/day', ['people' => 2])[1]['tasks'];
        $moved = array_sum(array_column($sheet[0]['moves'], 'count'));
        $table = fn(): int => (int) $this->id("SELECT COALESCE(SUM(count), 0) FROM standing WHERE place = 'table'");
        $before = $table();
        $statuses = $this->statuses(array_map(
            fn(int $i): array => ['PUT', $this->home() . '/tasks/' . $sheet[0]['id'], ['done' => true, 'key' => 'phone ' . $i % 2]],
            range(1, 4),
        ));

        self::assertSame([200, 200, 200, 200], $statuses);
        self::assertSame($before + $moved, $table());
    }

    public function testTheSecondDeviceLearnsWhatTheFirstDid(): void
    {
        $known = self::$devices[1]->ask('GET', $this->home() . '/since')[1]['entry'];
        self::$devices[0]->ask('POST', $this->home() . '/house/lines', ['line' => 'Z9 loft', 'room' => '']);
        $since = self::$devices[1]->ask('GET', $this->home() . '/since?entry=' . $known)[1];

        self::assertNotSame($known, $since['entry']);
        self::assertContains('house', $since['outOfDate']);
        self::assertSame([], self::$devices[1]->ask('GET', $this->home() . '/since?entry=' . $since['entry'])[1]['outOfDate']);
    }

    /**
     * @param list<array{string, string, array<mixed>|null}> $requests
     *
     * @return list<int> sorted
     */
    private function statuses(array $requests): array
    {
        return $this->sorted(array_column($this->answers($requests), 0));
    }

    /**
     * @param list<array{string, string, array<mixed>|null}> $requests
     *
     * @return list<array{int, array<mixed>, array<string, string>}>
     */
    private function answers(array $requests): array
    {
        return Device::together(array_map(static fn(array $request, int $i): array => [self::$devices[$i], ...$request], $requests, array_keys($requests)));
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<int>
     */
    private function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }

    /** @return array<mixed> a piece as its form would send it */
    private function pieceInput(string $id): array
    {
        $piece = array_column(self::$devices[0]->ask('GET', $this->home() . '/pieces?limit=1000')[1]['pieces'], null, 'id')[$id];
        $tenths = static fn(int $length): string => $length / 10 . ' mm';

        return [
            'version' => $piece['version'], 'name' => $piece['name'], 'kind' => $piece['kind'], 'count' => $piece['count'],
            'width' => $tenths($piece['width']), 'depth' => $tenths($piece['depth']), 'height' => $tenths($piece['height']),
            'weight' => $piece['weight'] . ' g', 'colours' => $piece['colours'], 'materials' => $piece['materials'],
            'finish' => $piece['finish'], 'seasons' => $piece['seasons'], 'hazards' => $piece['hazards'], 'shape' => $piece['shape'],
            'pattern' => $piece['pattern'], 'origin' => $piece['origin'], 'costEach' => number_format($piece['costEach'] / 100, 2, '.', ''),
            'replacementEach' => '', 'cameOn' => '', 'care' => '', 'place' => 'loose', 'faces' => [], 'parts' => [],
            'set' => ['name' => '', 'of' => 0], 'laidOut' => '',
        ];
    }

    private function home(): string
    {
        return '/api/homes/' . $this->id("SELECT id FROM home WHERE name = 'Ferry House'");
    }

    private function swap(): string
    {
        return $this->home() . '/swaps/' . $this->id(
            "SELECT s.id FROM swap s JOIN home h ON h.id = s.home_id WHERE h.name = 'Ferry House' AND s.closed_at IS NULL",
        );
    }

    private function id(string $query): string
    {
        $id = self::$db->querySingle($query);

        return \is_scalar($id) ? (string) $id : throw new \LogicException('Nothing is found by ' . $query);
    }

    /** @return list<string> */
    private function column(string $query): array
    {
        return array_map(static fn(array $row): string => (string) reset($row), $this->rows($query));
    }

    /** @return array<string, int|string|null> */
    private function row(string $query): array
    {
        return $this->rows($query)[0] ?? throw new \LogicException('Nothing is found by ' . $query);
    }

    /** @return list<array<string, int|string|null>> */
    private function rows(string $query): array
    {
        $rows = [];
        $answer = self::$db->query($query);
        while (false !== $answer && false !== ($row = $answer->fetchArray(\SQLITE3_ASSOC))) {
            $rows[] = $row;
        }

        return $rows;
    }
}
