<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Draft\Rearranging;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\InvalidSpot;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A garland over a doorway hangs down both its sides; bows are tied at its middle and its corners; lights are woven. */
final class DoorwayTest extends TestCase
{
    /** Of 40 in across and 82 in high: 40 + 2 × 82 = 204 in at the most, both ends alike. */
    #[TestWith([144.0, -52.0])]
    #[TestWith([30.0, 5.0])]
    #[TestWith([204.0, -82.0])]
    #[TestWith([206.0, null])]
    public function testAGarlandGoesOverItsMiddle(float $length, ?float $left): void
    {
        $stance = (new PlaceFinder())->find(new Dressing(self::doorway(), []), self::garland($length));

        self::assertSame($left, null === $stance ? null : round($stance->left / 254, 1));
    }

    public function testItIsTooFarOverWhereOneEndWouldLieOnTheFloor(): void
    {
        $fixes = static fn(float $left): array => array_values(array_filter(
            (new Coach())->lookOver(self::dressed(self::garland(144), $left), Make::judgement()),
            static fn(Finding $one): bool => Verdict::Fix === $one->verdict,
        ));

        self::assertSame([], $fixes(-52));
        self::assertSame([], $fixes(-82), 'all the way down on the left');
        self::assertSame([Check::Room], array_map(static fn(Finding $one): Check => $one->check, $fixes(-83)));
    }

    public function testBowsAreTiedInTheMiddleAndAtTheCornersAndNowhereElse(): void
    {
        $dressing = self::dressed(self::garland(144), -52);
        $bow = Make::piece('bow', PieceKind::Ribbon, 8, 6);
        $centres = [];
        while (null !== $stance = (new PlaceFinder())->find($dressing, $bow)) {
            $dressing = $dressing->with(new PlacedPiece('bow' . \count($centres), $bow, 1, $stance));
            $centres[] = [$stance->posture, ($stance->left + 4 * 254) / 254];
        }

        self::assertEqualsCanonicalizing([[Posture::Trims, 20], [Posture::Trims, 0], [Posture::Trims, 40]], $centres);
        self::assertSame([Posture::Trims, 20], $centres[0], 'the middle first');
    }

    #[TestWith([SpotKind::Doorway, 300.0, 204.0])]
    #[TestWith([SpotKind::Doorway, 100.0, 100.0])]
    #[TestWith([SpotKind::StairRail, 300.0, 40.0])]
    public function testLightsLongerThanWhatTheyRunAlongGoToAndFro(SpotKind $kind, float $length, float $takes): void
    {
        $spot = Make::spot(width: 40, depth: 4, clear: SpotKind::Doorway === $kind ? 82 : null, ledge: 0, kind: $kind);
        $lights = Make::piece('lights', PieceKind::Lights, $length, 6);
        $stance = (new PlaceFinder())->find(new Dressing($spot, []), $lights);
        self::assertNotNull($stance);
        $placed = new PlacedPiece('lights', $lights, 1, $stance);

        self::assertSame([$takes, $length > $takes], [(float) ($placed->width / 254), $placed->isWoven()]);
    }

    public function testWhatIsCopiedOntoADoorwayHangsOverItsMiddle(): void
    {
        $rail = new Dressing(
            Make::spot(width: 160, depth: 4, clear: null, kind: SpotKind::StairRail),
            [new PlacedPiece('one', self::garland(144), 1, new Stance(0, posture: Posture::Drapes))],
        );
        $copied = (new Rearranging())->onto($rail, self::doorway(), BalanceSchool::Centred)->dressing->placed;

        self::assertSame([-52 * 254], array_map(static fn(PlacedPiece $one): int => $one->left, $copied));
    }

    public function testADoorwayWithoutAHeightIsRefused(): void
    {
        $this->expectException(InvalidSpot::class);
        $this->expectExceptionMessage('A doorway needs a height above 0');

        Make::spot(width: 40, depth: 4, clear: null, ledge: 0, kind: SpotKind::Doorway);
    }

    private static function doorway(): Spot
    {
        return Make::spot(width: 40, depth: 4, clear: 82, ledge: 0, kind: SpotKind::Doorway);
    }

    private static function garland(float $length): Piece
    {
        return Make::piece('garland', PieceKind::Garland, $length, 6);
    }

    private static function dressed(Piece $piece, float $left): Dressing
    {
        return new Dressing(self::doorway(), [new PlacedPiece('one', $piece, 1, new Stance((int) round($left * 254), posture: Posture::Drapes))]);
    }
}
