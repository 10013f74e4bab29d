<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

final class CupboardTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAPieceIsTakenInWhereItIsAndEveryUnitIsAccountedFor(): void
    {
        $piece = $this->call('POST', $this->home() . '/pieces', $this->piece(['count' => 5, 'place' => 'tote:' . $this->id('tote', 'C3')]));

        self::assertSame(201, $this->code(), $this->text());
        self::assertSame([['place' => 'tote:' . $this->id('tote', 'C3'), 'count' => 5, 'note' => '']], $piece['places']);
        self::assertSame([2413, 1016], [$piece['height'], $piece['width']]);
        self::assertSame(624, $piece['weight']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is typed, field, sentence */
    public static function badPieces(): iterable
    {
        yield 'a negative height' => [['height' => '-4'], 'height', 'cannot be negative'];
        yield 'an absurd width' => [['width' => '400 ft'], 'width', 'at most 100 m'];
        yield 'no width at all' => [['width' => '0'], 'width', 'needs a width and a height above 0'];
        yield 'a word for a length' => [['depth' => 'deep'], 'depth', '“deep” is not a length'];
        yield 'shares short of the whole' => [['colours' => [['hex' => '#B5532A', 'percent' => 90]]], 'colours', 'must add up to 100 %, they add up to 90 %'];
        yield 'an unknown colour' => [['colours' => [['hex' => 'mauve-ish', 'percent' => 100]]], 'colours', '“mauve-ish” is not a colour'];
        yield 'no colour' => [['colours' => []], 'colours', 'Between 1 and 5 colours are needed, got 0'];
        yield 'a count of nothing' => [['count' => 0], 'count', 'from 1 to 999, got 0'];
        yield 'a name of 10,000 characters' => [['name' => str_repeat('jug ', 2500)], 'name', 'at most 80 characters; this one has 10000'];
        yield 'an unknown material' => [['materials' => ['kryptonite']], 'materials[0]', 'not one of those offered'];
        yield 'money with three decimals' => [['costEach' => '1.005'], 'costEach', 'not an amount'];
        yield 'a tote that is not there' => [['place' => 'tote:01ARZ3NDEKTSV4RRFFQ69G5FAV'], 'place', 'not there any more'];
        yield 'a day that is no day' => [['cameOn' => 'last week'], 'cameOn', '“last week” is not a day.'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badPieces')]
    public function testBadInputIsNamedAtItsField(array $change, string $field, string $sentence): void
    {
        $before = $this->db()->fetchOne('SELECT COUNT(*) FROM piece');
        $problem = $this->call('POST', $this->home() . '/pieces', $this->piece($change));

        self::assertSame(422, $this->code(), $this->text());
        self::assertStringContainsString($sentence, implode(' ', array_column($problem['violations'], 'message')));
        self::assertContains($field, array_column($problem['violations'], 'field'));
        self::assertSame($before, $this->db()->fetchOne('SELECT COUNT(*) FROM piece'));
    }

    public function testAllThatIsWrongIsSaidAtOnce(): void
    {
        $problem = $this->call('POST', $this->home() . '/pieces', $this->piece(['height' => 'x', 'weight' => 'y', 'costEach' => 'z']));

        self::assertSame(['height', 'weight', 'costEach'], array_column($problem['violations'], 'field'));
    }

    #[TestWith(['🎄 Christmas-free fir 🎄'])]
    #[TestWith(['מזהרית פליז'])]
    #[TestWith(['إبريق نحاسي'])]
    #[TestWith(["<script>alert('jug')</script>"])]
    #[TestWith(["Robert'); DROP TABLE piece;--"])]
    public function testNamesInAnyScriptComeBackAsTheyWere(string $name): void
    {
        $piece = $this->call('POST', $this->home() . '/pieces', $this->piece(['name' => $name]));

        self::assertSame(201, $this->code(), $this->text());
        self::assertSame($name, $piece['name']);
    }

    public function testACountBelowWhatIsPlacedIsRefused(): void
    {
        $id = $this->id('piece', 'Sprig cushion');
        $problem = $this->change($id, ['count' => 1]);

        $this->assertRefused(422, '2 of Sprig cushion are placed in the running swap, so there cannot be only 1.', $problem, 'count');
    }

    public function testAChangedCountIsPutRightInTheStock(): void
    {
        $id = $this->id('piece', 'Soot bud vase');
        $this->change($id, ['count' => 5]);
        self::assertSame(5, $this->unitsByPiece()[$id]);
        $piece = $this->change($id, ['count' => 2]);

        self::assertSame(2, array_sum(array_column(array_filter($piece['places'], static fn(array $at): bool => 'parted' !== $at['place']), 'count')));
    }

    public function testTwoPeopleChangingTheSamePieceSeeBothSides(): void
    {
        $id = $this->id('piece', 'Heron');
        $mine = $this->read($id);
        $this->change($id, ['name' => 'Grey heron']);
        $problem = $this->call('PUT', $this->home() . '/pieces/' . $id, $this->asInput($mine, ['name' => 'Old heron']));

        $this->assertRefused(409, 'was changed by someone else meanwhile', $problem);
        self::assertSame('Grey heron', $problem['current']['name']);
        self::assertSame('Grey heron', $this->read($id)['name']);
    }

    public function testUnitsAreMovedNeverMadeAndTheMoveIsRemembered(): void
    {
        $id = $this->id('piece', 'Soot bud vase');
        $from = 'tote:' . $this->id('tote', 'C4');
        $piece = $this->call(
            'POST',
            $this->home() . "/pieces/{$id}/moves",
            ['count' => 2, 'from' => $from, 'to' => 'lent', 'lentTo' => 'Wren', 'lentUntil' => '2027-01-06'],
        );
        self::assertSame(['lent' => '2 to Wren, due 6 Jan 2027', $from => ''], array_column($piece['places'], 'note', 'place'));
        self::assertSame(['lent' => 2, $from => 1], array_column($piece['places'], 'count', 'place'));

        $problem = $this->call('POST', $this->home() . "/pieces/{$id}/moves", ['count' => 2, 'from' => $from, 'to' => 'lost']);
        $this->assertRefused(422, 'There are fewer than 2 of Soot bud vase at tote C4.', $problem, 'count');
        self::assertSame(3, $this->unitsByPiece()[$id]);
        $movements = $this->call('GET', $this->home() . "/pieces/{$id}/movements")['movements'];
        self::assertSame([2, $from, 'lent', 'Orla'], [$movements[0]['count'], $movements[0]['from'], $movements[0]['to'], $movements[0]['by']]);
    }

    public function testDeletingIsUndoneAndRefusedWhilePlanned(): void
    {
        $id = $this->id('piece', 'Ice hare');
        $this->call('DELETE', $this->home() . '/pieces/' . $id);
        self::assertSame(204, $this->code());
        self::assertSame(119, $this->call('GET', $this->home() . '/pieces?limit=1')['total']);
        $this->undo();
        self::assertSame(120, $this->call('GET', $this->home() . '/pieces?limit=1')['total']);

        $problem = $this->call('DELETE', $this->home() . '/pieces/' . $this->id('piece', 'Heron'));
        $this->assertRefused(409, 'The running swap has a place for Heron. Take it off the plan first.', $problem);
    }

    public function testATickedToteIsNotDeletedWithThingsInIt(): void
    {
        $problem = $this->call('DELETE', $this->home() . '/totes/' . $this->id('tote', 'A3'));
        $this->assertRefused(409, 'Tote A3 still holds', $problem);

        $this->call(
            'POST',
            $this->home() . '/totes',
            ['code' => 'a3', 'place' => 'attic', 'width' => '20', 'depth' => '20', 'height' => '20', 'conditions' => [], 'mostWeight' => ''],
        );
        self::assertSame(422, $this->code());
    }

    public function testTheStockComesInWindows(): void
    {
        $first = $this->call('GET', $this->home() . '/pieces?offset=0&limit=50');
        $rest = $this->call('GET', $this->home() . '/pieces?offset=50&limit=1000');

        self::assertSame([120, 50, 70], [$first['total'], \count($first['pieces']), \count($rest['pieces'])]);
        self::assertSame([], array_intersect(array_column($first['pieces'], 'id'), array_column($rest['pieces'], 'id')));
    }

    public function testRoomsAndSpotsAreKeptChangedAndGuarded(): void
    {
        $room = $this->call('POST', $this->home() . '/rooms', ['name' => 'Boat loft', 'round' => 9]);
        $input = [
            'room' => $room['id'], 'name' => 'Loft sill', 'kind' => 'window sill', 'width' => '3 ft', 'depth' => '7 1/2',
            'ledgeHeight' => '30', 'clearHeight' => '', 'seenFrom' => 'front',
            'keepClear' => [['from' => '0', 'to' => '6', 'reason' => 'the latch']], 'wall' => '#F2EFE7', 'hazards' => [], 'focalRank' => 30,
        ];
        $spot = $this->call('POST', $this->home() . '/spots', $input);
        self::assertSame([201, 9144, 1905, null], [$this->code(), $spot['width'], $spot['depth'], $spot['clearHeight']]);

        $problem = $this->call('POST', $this->home() . '/spots', ['width' => '0'] + $input);
        $this->assertRefused(422, 'needs a width above 0', $problem, 'width');
        $problem = $this->call('POST', $this->home() . '/spots', ['keepClear' => [['from' => '6', 'to' => '6', 'reason' => 'x']]] + $input);
        $this->assertRefused(422, 'must end to the right of where it starts', $problem, 'keepClear[0]');
        $problem = $this->call('DELETE', $this->home() . '/rooms/' . $room['id']);
        $this->assertRefused(409, 'Boat loft still has 1 spot.', $problem);
        $problem = $this->call('DELETE', $this->home() . '/spots/' . $this->id('spot', 'Stove shelf'));
        self::assertSame(409, $this->code(), $problem['detail'] ?? '');
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function piece(array $change = []): array
    {
        return $change + [
            'name' => 'Brass candlestick', 'kind' => 'candlestick', 'count' => 1, 'width' => '4', 'depth' => '4 in', 'height' => '9 1/2',
            'weight' => '1 lb 6 oz', 'colours' => [['hex' => '#B08D47', 'percent' => 100]], 'materials' => ['brass'], 'finish' => 'metal',
            'seasons' => [], 'hazards' => [], 'shape' => '', 'pattern' => '', 'origin' => 'thrifted', 'costEach' => '4',
            'replacementEach' => '', 'cameOn' => '2026-11-01', 'care' => '', 'faces' => [], 'parts' => [],
            'set' => ['name' => '', 'of' => 0], 'place' => 'loose',
        ];
    }

    /** @return array<mixed> */
    private function read(string $id): array
    {
        foreach ($this->call('GET', $this->home() . '/pieces?limit=1000')['pieces'] as $piece) {
            if ($piece['id'] === $id) {
                return $piece;
            }
        }
        self::fail('The piece is gone.');
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<mixed>
     */
    private function change(string $id, array $change): array
    {
        return $this->call('PUT', $this->home() . '/pieces/' . $id, $this->asInput($this->read($id), $change));
    }

    /**
     * @param array<mixed>         $piece
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function asInput(array $piece, array $change): array
    {
        $kept = array_intersect_key($piece, $this->piece() + ['version' => 0]);
        foreach (['width', 'depth', 'height'] as $side) {
            $kept[$side] = $piece[$side] / 10 . ' mm';
        }

        return $change + [
            'weight' => $piece['weight'] . ' g', 'costEach' => '', 'replacementEach' => '', 'cameOn' => '', 'place' => 'loose',
            'version' => $piece['version'],
        ] + $kept;
    }
}
