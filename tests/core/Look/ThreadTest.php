<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Look;

use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\RoomDressed;
use BrightCupboard\Core\Look\Thread;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** The look followed from room to room. */
final class ThreadTest extends TestCase
{
    private const TALLOW = '#F0E7D4';
    private const JUNIPER = '#3E5F5A';
    private const EMBER = '#B5532A';

    public function testABareRoomBreaksNothingYet(): void
    {
        $room = $this->thread()->through(new RoomDressed('hall', ['console' => []]));

        self::assertTrue($room->isBare);
        self::assertSame([], $room->missing);
    }

    public function testEachRibbonButTheBaseWantsToAppear(): void
    {
        $room = $this->thread()->through(new RoomDressed('hall', ['console' => [$this->one('urn', self::JUNIPER)]]));

        self::assertSame([2], $room->missing, 'Ember is missing; the base may be.');
        self::assertEqualsWithDelta([0.0, 1.0, 0.0, 0.0], $room->shares, 1e-9);
    }

    public function testASpeckDoesNotCarryARibbon(): void
    {
        $speck = Make::piece('speck', colours: [[self::JUNIPER, 95], [self::EMBER, 5]]);

        self::assertFalse($this->thread()->carries($speck, 2));
        self::assertTrue($this->thread()->carries(Make::piece('band', colours: [[self::JUNIPER, 85], [self::EMBER, 15]]), 2));
    }

    public function testAnAccentThatStandsOnceAmongThreeIsLonely(): void
    {
        $once = ['shelf' => [$this->one('a', self::JUNIPER), $this->one('b', self::TALLOW), $this->one('c', self::EMBER)]];
        $twice = ['shelf' => [...$once['shelf'], $this->one('d', self::EMBER)]];

        self::assertSame([['spot' => 'shelf', 'ribbon' => 2]], $this->thread()->through(new RoomDressed('hall', $once))->lonely);
        self::assertSame([], $this->thread()->through(new RoomDressed('hall', $twice))->lonely);
    }

    public function testColoursMeantForASpotAreLookedForThereAndTheOthersAreNot(): void
    {
        $juniper = ['console' => [$this->one('urn', self::JUNIPER)]];
        $meant = static fn(array $ribbons, array $spots = []): RoomDressed => new RoomDressed('hall', $juniper + $spots, ['console' => $ribbons]);
        $thread = $this->thread();

        $quiet = $thread->through($meant([1]));
        self::assertSame([[], [0, 2], []], [$quiet->missing, $quiet->without, $quiet->owed], 'the room is planned without Ember');
        $owing = $thread->through($meant([2]));
        self::assertSame(
            [[2], [0, 1], [['spot' => 'console', 'ribbon' => 2]]],
            [$owing->missing, $owing->without, $owing->owed],
            'Ember is meant for it and not there',
        );
        $elsewhere = $thread->through($meant([1], ['sill' => [$this->one('bowl', self::EMBER)]]));
        self::assertSame([[], [], []], [$elsewhere->missing, $elsewhere->without, $elsewhere->owed], 'what is said of one spot says nothing of the others');
        self::assertSame([], $thread->through(new RoomDressed('hall', ['console' => []], ['console' => [2]]))->owed, 'a bare spot owes nothing yet');
    }

    public function testAnAccentThatIsNotMeantForASpotIsNotLonelyThere(): void
    {
        $spots = ['shelf' => [$this->one('a', self::JUNIPER), $this->one('b', self::TALLOW), $this->one('c', self::EMBER)]];

        self::assertSame([], $this->thread()->through(new RoomDressed('hall', $spots, ['shelf' => [0, 1]]))->lonely);
    }

    private function thread(): Thread
    {
        $look = Make::look();

        return new Thread($look, new FitMeter($look));
    }

    /** @return array{Piece, int} */
    private function one(string $id, string $hex): array
    {
        return [Make::piece($id, PieceKind::Vase, colours: [[$hex, 100]]), 1];
    }
}
