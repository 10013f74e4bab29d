<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** The coach on forty dressed spots of eight forms; what is good and what is a fault is common practice of the trade. */
final class FormsTest extends TestCase
{
    #[DataProviderExternal(DressedSpots::class, 'good')]
    public function testHasNothingToFixOnWhatIsWellDressed(Dressing $dressing): void
    {
        $found = array_map(
            static fn(Finding $one): string => $one->check->value,
            array_filter($this->findings($dressing), static fn(Finding $one): bool => Verdict::Fix === $one->verdict),
        );

        self::assertSame([], array_values($found));
    }

    #[DataProviderExternal(DressedSpots::class, 'bad')]
    public function testFindsTheFault(Dressing $dressing, Check $check, string $code): void
    {
        $codes = [];
        foreach ($this->findings($dressing) as $finding) {
            if (Verdict::Good !== $finding->verdict && $finding->check === $check) {
                $codes = array_map(static fn(Fault $fault): string => $fault->code, $finding->faults);
            }
        }

        self::assertContains($code, $codes);
    }

    /** Left for right is the same spot to every check that does not name a side. */
    #[DataProviderExternal(DressedSpots::class, 'good')]
    public function testAMirroredSpotIsJudgedAlike(Dressing $dressing): void
    {
        $mirrored = new Dressing(
            $dressing->spot,
            array_map(
                static fn(PlacedPiece $one): PlacedPiece => new PlacedPiece(
                    $one->id,
                    $one->piece,
                    $one->count,
                    new Stance($dressing->spot->width->tenths() - $one->right, $one->layer, $one->raise, $one->tier, $one->posture),
                ),
                $dressing->placed,
            ),
        );
        $verdicts = fn(Dressing $one): array => array_column(
            array_map(static fn(Finding $finding): array => [$finding->check->value, $finding->verdict], $this->findings($one)),
            1,
            0,
        );

        self::assertEquals($verdicts($dressing), $verdicts($mirrored));
    }

    /** Every fault that is mended betters the one figure for the whole. */
    #[DataProviderExternal(DressedSpots::class, 'bad')]
    public function testTheScoreIsLowerThanWithoutTheFault(Dressing $dressing): void
    {
        $coach = new Coach();
        $score = $coach->score($dressing, $this->findings($dressing));

        self::assertLessThan(100.0, $score);
        self::assertGreaterThanOrEqual(0.0, $score);
    }

    public function testAPieceAloneIsAStatementAndNeverDeadCentre(): void
    {
        $codes = array_map(
            static fn(Finding $one): string => $one->check->value,
            $this->findings(new Dressing(Make::spot(), [DressedSpots::at(PieceKind::Vase, 26, 8, 16)])),
        );

        self::assertSame([], array_intersect($codes, ['groups.odd', 'heights.levels', 'heights.neighbours', 'focal.lead']));
    }

    public function testSixPlatesHangInTwoRowsOfThree(): void
    {
        $plates = new PlacedPiece(
            'plates',
            Make::piece('plates', PieceKind::Plate, 11, 1, count: 6, depth: 11),
            6,
            new Stance(0, Layer::Back, 0, 0, Posture::Hangs),
        );

        self::assertSame([3, 3 * 11 * 254 + 2 * 635, 2 * 11 * 254 + 635], [$plates->columns, $plates->width, $plates->height]);
    }

    public function testStemsStandInTheVaseThatIsThereAndInNoBowl(): void
    {
        $stems = DressedSpots::at(PieceKind::Bunch, 10, 6, 18, posture: Posture::Fills);
        $in = static fn(PieceKind $kind): ?PlacedPiece => (new Dressing(Make::spot(), [DressedSpots::at($kind, 9, 8, 10), $stems]))->carrying()->host($stems);

        self::assertNotNull($in(PieceKind::Vase));
        self::assertNull($in(PieceKind::Bowl));
    }

    public function testWhatCarriesOthersIsHiddenAndCountsForNothing(): void
    {
        $books = DressedSpots::at(PieceKind::Books, 20, 10, 4);
        $bell = DressedSpots::at(PieceKind::Bell, 22, 5, 8, raise: 4);

        self::assertSame(['at-bell'], array_map(static fn(PlacedPiece $one): string => $one->id, (new Dressing(Make::spot(), [$books, $bell]))->standing()));
    }

    /** @return list<Finding> */
    private function findings(Dressing $dressing): array
    {
        return (new Coach())->lookOver($dressing, Make::judgement());
    }
}
