<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\Risers;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Coach\DressedSpots;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Standing a piece on another: what holds it, what is lost under it, and that they stay together. Shares from memory. */
final class RisersTest extends TestCase
{
    #[TestWith([PieceKind::Books, 6.0, 3.0, true])]
    #[TestWith([PieceKind::Box, 9.0, 4.0, true])]
    #[TestWith([PieceKind::Books, 3.0, 3.0, false], 'too narrow to hold it')]
    #[TestWith([PieceKind::Box, 14.0, 4.0, false], 'much wider than what it carries')]
    #[TestWith([PieceKind::Box, 6.0, 12.0, false], 'higher than the piece itself')]
    #[TestWith([PieceKind::Vase, 6.0, 3.0, false], 'nothing stands on a vase')]
    public function testWhatCarriesAPiece(PieceKind $kind, float $width, float $height, bool $carries): void
    {
        $vase = DressedSpots::at(PieceKind::Vase, 20, 6, 10);
        $dressing = new Dressing(Make::spot(width: 60, depth: 12), [$vase]);
        $found = (new Risers())->under($dressing, $vase, [new Available(Make::piece('riser', $kind, $width, $height), 1, 'C1')]);

        self::assertCount($carries ? 1 : 0, $found);
        foreach ($found as [$raised, $riser]) {
            self::assertSame([(int) ($height * 254), Posture::Carries], [$raised->raise, $riser->posture]);
            self::assertEqualsWithDelta($vase->centre, $riser->centre, 1.0, 'under its middle');
        }
    }

    public function testARiserIsLostUnderWhatItCarriesAndNothingIsInTheSamePlace(): void
    {
        $vase = DressedSpots::at(PieceKind::Vase, 20, 6, 10);
        $dressing = new Dressing(Make::spot(width: 60, depth: 12), [$vase]);
        [$raised, $riser] = (new Risers())->under($dressing, $vase, [new Available(Make::piece('books', PieceKind::Books, 6, 3), 1, 'C1')])[0];
        $after = $dressing->without($vase->id)->with($riser)->with($raised);

        $carrying = $after->carrying();
        self::assertSame(
            [true, 'at-vase', 'new books'],
            [$carrying->isRiser($riser), $after->standing()[0]->id ?? '', $carrying->riserUnder($raised)?->id],
        );
        self::assertCount(1, $after->standing());
        self::assertSame(
            [],
            array_values(
                array_filter(
                    (new Coach())->lookOver($after, Make::judgement()),
                    static fn($one): bool => 'fit.physical' === $one->check->value && [] !== $one->faults,
                ),
            ),
        );
        self::assertSame(
            [],
            (new Risers())->under($after, $raised, [new Available(Make::piece('more', PieceKind::Books, 6, 3), 1, 'C1')]),
            'it stands on something already',
        );
    }

    public function testUnderAClearHeightThereIsNoRoomToRaise(): void
    {
        $vase = DressedSpots::at(PieceKind::Vase, 20, 6, 10);
        $books = [new Available(Make::piece('books', PieceKind::Books, 6, 3), 1, 'C1')];

        self::assertSame([], (new Risers())->under(new Dressing(Make::spot(width: 60, depth: 12, clear: 12), [$vase]), $vase, $books));
        self::assertCount(1, (new Risers())->under(new Dressing(Make::spot(width: 60, depth: 12, clear: 13), [$vase]), $vase, $books));
    }

    public function testWhatStandsTogetherIsMovedTogether(): void
    {
        $pieces = [Make::piece('books', PieceKind::Books, 6, 3), Make::piece('vase', PieceKind::Vase, 6, 10)];
        $spot = Make::spot(width: 60, depth: 12);
        $plan = new Plan(
            array_combine(['books', 'vase'], $pieces),
            [],
            new Whereabouts(array_map(static fn(Piece $piece): array => ['loose' => 1], array_combine(['books', 'vase'], $pieces))),
            [$spot->id => $spot],
            [],
            [],
        );
        foreach ([
            ['b', 'books', new Stance(2540, Layer::Middle, 0, 0, Posture::Carries)],
            ['v', 'vase', new Stance(2540, Layer::Middle, 762)],
        ] as [$id, $piece, $stance]) {
            $plan = $plan->with($plan->place($id, $piece, $spot, 1, $stance));
        }
        $lefts = static fn(Plan $plan): array => [$plan->places['b']->stance->left, $plan->places['v']->stance->left];

        $after = $plan->with($plan->move('v', $spot, 1, new Stance(5080, Layer::Middle, 762)));
        self::assertSame([5080, 5080], $lefts($after), 'what it stands on goes with it');
        $after = $after->with($after->move('b', $spot, 1, new Stance(1270, Layer::Front, 0, 0, Posture::Carries)));
        self::assertSame([[1270, 1270], Layer::Front], [$lefts($after), $after->places['v']->stance->layer], 'and what stands on it');
        $after = $after->with($after->move('v', $spot, 1, new Stance(1270, Layer::Front)));
        self::assertSame(1270, $after->places['b']->stance->left, 'taken down it leaves what it stood on');
        $after = $after->with($after->move('v', $spot, 1, new Stance(9000, Layer::Front)));
        self::assertSame([1270, 9000], $lefts($after));
    }

    /** A garland of 100 in spans less when it hangs down by a fifth: the parabola of Curves, checked there against the integral. */
    public function testAGarlandWithDipsSpansLessAndHangsDown(): void
    {
        $garland = Make::piece('garland', PieceKind::Garland, 100, 4);
        $along = new PlacedPiece('g', $garland, 1, new Stance(0, posture: Posture::Drapes));
        $dipping = new PlacedPiece('g', $garland, 1, new Stance(0, posture: Posture::Drapes, dips: 4));
        $fewer = new PlacedPiece('g', $garland, 1, new Stance(0, posture: Posture::Drapes, dips: 2));

        self::assertSame([25400, 0], [$along->width, $along->drop]);
        // s·(1 + 8/3·0.2² − 32/5·0.2⁴): the series of the arc of a parabola, by hand
        self::assertEqualsWithDelta(25400 / (1 + 8 / 3 * 0.04 - 32 / 5 * 0.0016), $dipping->width, 60);
        self::assertEqualsWithDelta($dipping->width * 0.2 / 4, $dipping->drop, 1);
        self::assertEqualsWithDelta(2 * $dipping->drop, $fewer->drop, 1, 'half as many hang twice as deep');
        self::assertSame(0, (new PlacedPiece('v', Make::piece('vase'), 1, new Stance(0, dips: 4)))->drop, 'a vase has no dips');
    }
}
