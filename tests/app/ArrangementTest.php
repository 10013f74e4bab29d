<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pieces put together and taken apart again: parts stay owned, every unit is somewhere, nothing is paid twice. */
final class ArrangementTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testPiecesPutTogetherStandAsOneAndAreStillOwned(): void
    {
        $worth = $this->worth();
        $proposed = $this->together(keep: false);
        self::assertNull($proposed['piece']);
        self::assertSame(
            [['name' => 'Juniper bunch', 'units' => 1, 'from' => 'tote A1'], ['name' => 'Juniper urn', 'units' => 1, 'from' => 'tote C4']],
            $proposed['sources'],
        );
        $made = $this->together()['piece'];

        self::assertSame(['Hall urn', 'put together', ['winter']], [$made['name'], $made['origin'], $made['seasons']]);
        self::assertSame($proposed['costEach'], $made['costEach']);
        self::assertSame($worth, $this->worth(), 'parts are paid for once');
        self::assertSame(["within:{$made['id']}"], $this->places('Juniper urn'));
        self::assertNotContains($this->id('piece', 'Juniper urn'), $this->onTheTable());
        self::assertContains($made['id'], $this->onTheTable());
        $stations = $this->call('GET', $this->swap() . '/stations');
        $look = $this->call('GET', $this->home() . '/house')['looks'];
        $current = array_column($look, null, 'id')[(string) $this->db()->fetchOne('SELECT look_id FROM swap WHERE id = ?', [basename($this->swap())])];
        $answer = $this->call('POST', $this->swap() . '/look-answer', ['version' => null] + array_diff_key($current, ['id' => 0]));
        self::assertSame(
            [119, 119, $stations['inLook']],
            [$stations['pieces'], \count($answer['answers']), $answer['in']],
            'two are one now, at every station',
        );
        self::assertSame(
            'put together as Hall urn',
            $this->call('GET', $this->home() . '/pieces/' . $this->id('piece', 'Juniper urn') . '/movements')['movements'][0]['cause'],
        );
    }

    public function testUndoneEachPartIsBackWhereItWas(): void
    {
        $before = [$this->places('Juniper urn'), $this->places('Juniper bunch')];
        $made = $this->together()['piece'];
        $this->undo();

        self::assertSame($before, [$this->places('Juniper urn'), $this->places('Juniper bunch')]);
        $this->call('GET', $this->home() . '/pieces/' . $made['id'] . '/movements');
        self::assertSame(404, $this->code(), 'the arrangement was never put together');
    }

    public function testTakenApartItsPartsStandWhereItStoodAndMakeItAgain(): void
    {
        $made = $this->together()['piece'];
        $this->apart($made['id'], 'loose');
        self::assertSame(['loose'], $this->places('Juniper urn'));
        $again = $this->call('POST', $this->home() . "/pieces/{$made['id']}/together", ['place' => 'tote:' . $this->id('tote', 'A2')]);

        self::assertSame(['Hall urn', 'Juniper bunch', 'Juniper urn'], array_column($again['pieces'], 'name'));
        self::assertSame(["within:{$made['id']}"], $this->places('Juniper urn'));
        self::assertSame(['tote:' . $this->id('tote', 'A2')], $this->places('Hall urn'));
        $this->assertRefused(
            422,
            'No Hall urn has been taken apart.',
            $this->call('POST', $this->home() . "/pieces/{$made['id']}/together", ['place' => 'loose']),
            'place',
        );
    }

    public function testPartsThatWereNeverCountedArePiecesFromThenOn(): void
    {
        $id = $this->id('piece', 'Rust branches');
        $place = $this->places('Rust branches')[0];
        [$whole, $urn, $stems] = $this->apart($id, $place)['pieces'];
        self::assertSame($whole['costEach'], $urn['count'] * $urn['costEach'] + $stems['count'] * $stems['costEach']);
        $units = $this->unitsByPiece();
        $this->call('POST', $this->home() . "/pieces/{$id}/together", ['place' => $place]);
        self::assertSame([["within:{$id}"], ["within:{$id}"]], [$this->places('Plum urn'), $this->places('Rust stems')]);
        $this->apart($id, $place);

        self::assertSame($units, $this->unitsByPiece());
        self::assertSame([$place], $this->places('Plum urn'));
    }

    public function testEachOfTwoAlikeGivesItsPartsBack(): void
    {
        $id = $this->id('piece', 'Rust branches');
        $place = $this->places('Rust branches')[0];
        $this->db()->executeStatement('UPDATE piece SET count = 2 WHERE id = ?', [$id]);
        $this->db()->executeStatement('UPDATE standing SET count = 2 WHERE piece_id = ? AND place = ?', [$id, $place]);
        [, , $stems] = $this->apart($id, $place)['pieces'];
        self::assertSame(
            [10, [[$place, 5], ["within:{$id}", 5]]],
            [$stems['count'], array_map(static fn(array $at): array => [$at['place'], $at['count']], $stems['places'])],
        );
        [, $urn, $stems] = $this->apart($id, $place)['pieces'];

        self::assertSame([2, 10], [$urn['places'][0]['count'], $stems['places'][0]['count']]);
        self::assertSame([[$place], [$place], ['parted']], [$this->places('Plum urn'), $this->places('Rust stems'), $this->places('Rust branches')]);
    }

    public function testAPartCannotBeMovedCountedAwayOrLeftBehind(): void
    {
        $made = $this->together()['piece'];
        $urn = $this->id('piece', 'Juniper urn');
        $this->assertRefused(
            422,
            'comes out when that is taken apart',
            $this->call('POST', $this->home() . "/pieces/{$urn}/moves", ['count' => 1, 'from' => "within:{$made['id']}", 'to' => 'loose']),
            'from',
        );
        $this->assertRefused(
            409,
            'Hall urn is put together from 2 things. Take it apart first.',
            $this->call('DELETE', $this->home() . '/pieces/' . $made['id']),
        );
        $this->assertRefused(422, 'Only 0 of Juniper bunch can be had, 1 are wanted.', $this->together(name: 'Second urn'), 'parts');
    }

    /** @param list<array{string, int}> $parts */
    #[TestWith([[['Juniper urn', 1]], 'two things or more'])]
    #[TestWith([[['Juniper urn', 2], ['Juniper bunch', 1]], 'from 1 to 1 of Juniper urn'])]
    #[TestWith([[['Flat kettle', 1], ['Juniper urn', 1]], 'not in the cupboard any more'])]
    public function testRefusesPartsThatCannotBe(array $parts, string $why): void
    {
        $this->assertRefused(422, $why, $this->together($parts), 'parts');
    }

    public function testWhatIsToBePartOfAPieceMustBeOfTheSameHome(): void
    {
        $made = $this->together()['piece'];
        $input = array_intersect_key(
            $made,
            array_flip([
                'name', 'kind', 'count', 'colours', 'materials', 'finish', 'seasons', 'hazards', 'shape', 'pattern', 'origin', 'care',
                'faces', 'set', 'version',
            ]),
        )
            + [
                'width' => '10 in', 'depth' => '8 in', 'height' => '24 in', 'weight' => '', 'costEach' => '', 'replacementEach' => '',
                'cameOn' => '', 'place' => 'loose',
            ];
        $parts = array_map(static fn(array $part): array => ['width' => '8 in', 'depth' => '8 in', 'height' => '12 in'] + $part, $made['parts']);
        $strange = (string) $this->db()->fetchOne("SELECT p.id FROM piece p JOIN home h ON h.id = p.home_id WHERE h.name = 'Orchard Flat' ORDER BY 1");
        foreach ([$strange, $made['id'], 'nothing'] as $id) {
            $this->assertRefused(
                422,
                'is not a piece that can be part of this one',
                $this->call('PUT', $this->home() . '/pieces/' . $made['id'], ['parts' => [['piece' => $id] + $parts[0]]] + $input),
                'parts[0]',
            );
        }
        $kept = $this->call('PUT', $this->home() . '/pieces/' . $made['id'], ['parts' => $parts] + $input);
        self::assertSame(array_column($made['parts'], 'piece'), array_column($kept['parts'], 'piece'), $this->text());
    }

    public function testAPartHasBeenOutWhenItsArrangementHasAndIsPaidForOnce(): void
    {
        $made = $this->together()['piece'];
        $spot = 'spot:' . $this->id('spot', 'Sofa');
        $this->call('POST', $this->home() . "/pieces/{$made['id']}/moves", ['count' => 1, 'from' => 'loose', 'to' => $spot]);
        $worn = fn(string $name): int => array_column($this->call('GET', $this->home() . '/pieces?limit=1000')['pieces'], 'worn', 'name')[$name];
        $before = $worn('Juniper urn');
        $swap = $this->swap();
        $this->call('POST', $swap . '/close', ['leaveOpen' => true]);
        self::assertSame(200, $this->code(), $this->text());

        self::assertSame([$before + 1, 1], [$worn('Juniper urn'), $worn('Hall urn')]);
        $used = array_column($this->call('GET', $swap . '/settle')['used'] ?? [], 'name');
        self::assertContains('Hall urn', $used);
        self::assertNotContains('Juniper urn', $used);
    }

    public function testATableOfPiecesHasEveryThingOnce(): void
    {
        $this->together();
        $this->browser->request('GET', $this->home() . '/pieces.csv');
        $names = array_map(static fn(string $line): string => explode(',', $line)[0], explode("\r\n", $this->text()));

        self::assertContains('Hall urn', $names);
        self::assertNotContains('Juniper urn', $names);
        self::assertStringNotContainsString($this->id('piece', 'Juniper urn'), $this->text());
    }

    public function testAHomeWithAnArrangementIsWrittenAndReadBack(): void
    {
        $this->together();
        $this->browser->request('GET', $this->home() . '/document');
        $home = $this->call('POST', '/api/home-documents', ['document' => $this->text()]);
        self::assertSame(201, $this->code(), $this->text());
        $parts = $this->db()->fetchAllAssociative(
            "SELECT s.place, a.name FROM standing s JOIN piece p ON p.id = s.piece_id JOIN piece a ON s.place = 'within:' || a.id "
                . "AND a.home_id = p.home_id WHERE p.home_id = ? AND s.count > 0",
            [$home['id']],
        );

        self::assertSame(['Hall urn', 'Hall urn'], array_column($parts, 'name'));
        self::assertSame(
            1,
            (int) $this->db()->fetchOne(
                "SELECT COUNT(*) FROM piece WHERE home_id = ? AND name = 'Hall urn' AND parts LIKE '%' "
                    . "|| (SELECT id FROM piece WHERE home_id = ? AND name = 'Juniper urn') || '%'",
                [$home['id'], $home['id']],
            ),
        );
    }

    #[TestWith([21])]
    #[TestWith([22])]
    public function testSeededPuttingTogetherAndTakingApartKeepsEveryThing(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $things = $this->things();
        $done = 0;
        for ($i = 0; $i < 40; ++$i) {
            $pieces = $this->db()->fetchAllAssociative(
                "SELECT p.id, p.name, p.origin = 'put together' AS is_made, s.place, s.count FROM standing s JOIN piece p ON p.id = s.piece_id "
                    . "JOIN home h ON h.id = p.home_id WHERE s.count > 0 AND p.removed_at IS NULL AND h.name = 'Ferry House' AND (p.parts = '[]' OR "
                    . "p.origin = 'put together') ORDER BY p.id, s.place",
            );
            $any = static fn(): array => $pieces[$random->getInt(0, \count($pieces) - 1)];
            [$one, $made] = [$any(), array_values(array_filter($pieces, static fn(array $piece): bool => 1 === (int) $piece['is_made']))];
            $act = [] === $made ? 0 : $random->getInt(0, 3);
            $of = [] === $made ? $one : $made[$random->getInt(0, \count($made) - 1)];
            match ($act) {
                0 => $this->together([[$one['name'], $random->getInt(1, (int) $one['count'])], [$any()['name'], 1], [$any()['name'], 1]], "Made {$i}"),
                1 => $this->apart((string) $of['id'], (string) $of['place']),
                2 => $this->undo(),
                default => $this->call('POST', $this->home() . "/pieces/{$of['id']}/together", ['place' => 'loose']),
            };
            self::assertLessThan(500, $this->code(), $this->text());
            $done += $this->code() < 300 ? 1 : 0;
            self::assertSame(
                [],
                $this->db()->fetchAllAssociative(
                    'SELECT p.name, p.count, SUM(s.count) AS units FROM standing s JOIN piece p ON p.id = s.piece_id '
                        . 'GROUP BY s.piece_id HAVING units <> p.count',
                ),
                "seed {$seed}, act {$i}",
            );
            self::assertSame($things, $this->things(), "seed {$seed}, act {$i}: a thing was made or lost");
        }
        self::assertGreaterThan(10, $done, 'most acts were refused: this proves little');
    }

    /**
     * @param list<array{string, int}> $parts
     *
     * @return array<mixed>
     */
    private function together(array $parts = [['Juniper urn', 1], ['Juniper bunch', 1]], string $name = 'Hall urn', bool $keep = true): array
    {
        $ids = array_map(
            fn(array $part): array => [
                'piece' => (string) $this->db()->fetchOne('SELECT id FROM piece WHERE name = ? ORDER BY id', [$part[0]]),
                'units' => $part[1],
            ],
            $parts,
        );

        return $this->call(
            'POST',
            $this->home() . '/arrangements',
            ['name' => $name, 'kind' => 'arrangement', 'parts' => $ids, 'width' => '', 'depth' => '', 'height' => '', 'place' => 'loose', 'keep' => $keep],
        );
    }

    /** @return array<mixed> */
    private function apart(string $id, string $place): array
    {
        return $this->call('POST', $this->home() . "/pieces/{$id}/apart", ['place' => $place]);
    }

    /** @return list<string> */
    private function places(string $name): array
    {
        return array_map(
            strval(...),
            $this->db()->fetchFirstColumn('SELECT place FROM standing WHERE piece_id = ? AND count > 0 ORDER BY place', [$this->id('piece', $name)]),
        );
    }

    /** @return list<string> */
    private function onTheTable(): array
    {
        return array_column($this->call('GET', $this->swap() . '/table')['rows'], 'piece');
    }

    /** @return array{int, int} */
    private function worth(): array
    {
        $ledger = $this->call('GET', $this->home() . '/ledger');

        return [$ledger['cost'], $ledger['replacement']];
    }

    /** @return array<string, int> units of pieces that are no arrangement and have not left, by name */
    private function things(): array
    {
        return array_map(
            intval(...),
            $this->db()->fetchAllKeyValue(
                "SELECT p.id, SUM(s.count) FROM standing s JOIN piece p ON p.id = s.piece_id WHERE p.parts = '[]' AND s.place <> 'parted' "
                    . "GROUP BY p.id HAVING SUM(s.count) > 0 ORDER BY p.id",
            ),
        );
    }
}
