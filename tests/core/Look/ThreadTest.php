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
