<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Draft\Rearranged;
use BrightCupboard\Core\Draft\Rearranging;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Coach\DressedSpots;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The same pieces another way: nothing is lost, nothing overlaps, and the school is what was asked for. */
final class RearrangingTest extends TestCase
{
    #[TestWith([BalanceSchool::Centred])]
    #[TestWith([BalanceSchool::OffCentre])]
    public function testASchoolIsWorkedOutAndNotMirrored(BalanceSchool $school): void
    {
        $random = new Randomizer(new Mt19937(12));
        $balanced = 0;
        for ($run = 0; $run < 60; ++$run) {
            $dressing = $this->shelf($random);
            $made = (new Rearranging())->by($dressing, $school);

            self::assertSame($this->ids($dressing), $this->allIds($made), "run {$run}: each piece is placed or said");
            $findings = (new Coach())->lookOver($made->dressing, Make::judgement(Make::look($school)));
            $balance = array_values(array_filter($findings, static fn(Finding $one): bool => Check::Balance === $one->check))[0] ?? null;
            $balanced += null !== $balance && Verdict::Fix !== $balance->verdict ? 1 : 0;
            self::assertSame(
                [],
                array_filter($findings, static fn(Finding $one): bool => Check::Room === $one->check && Verdict::Good !== $one->verdict),
                "run {$run}",
            );
        }
        self::assertGreaterThanOrEqual(54, $balanced, 'nine of ten are in balance or nearly');
    }

    public function testAMantelGoesToATableWithoutWhatLeansAndHangs(): void
    {
        $mantel = new Dressing(Make::spot(width: 60, depth: 10), [
            DressedSpots::at(PieceKind::Mirror, 20, 20, 26, depth: 1, layer: Layer::Back, posture: Posture::Leans),
            DressedSpots::at(PieceKind::Stocking, 2, 8, 18, posture: Posture::Hangs),
            DressedSpots::at(PieceKind::Vase, 10, 6, 10), DressedSpots::at(PieceKind::Bowl, 44, 8, 5),
        ]);
        $table = Make::spot(width: 84, depth: 44, clear: null, ledge: 30, kind: SpotKind::DiningTable, layout: new Layout(seats: 8));
        $made = (new Rearranging())->onto($mantel, $table, BalanceSchool::Centred);

        self::assertSame(['mirror', 'stocking'], $this->sorted(array_map(static fn(Piece $one): string => $one->id, $made->leftOut)));
        self::assertSame(['at-bowl', 'at-vase'], $this->ids($made->dressing));
    }

    public function testFromShelfToShelfPlacesStayInProportion(): void
    {
        $one = new Dressing(Make::spot(width: 60), [DressedSpots::at(PieceKind::Vase, 12, 6, 10), DressedSpots::at(PieceKind::Jug, 42, 6, 8)]);
        $made = (new Rearranging())->onto($one, Make::spot(width: 120, kind: SpotKind::Sideboard), BalanceSchool::OffCentre);

        self::assertEqualsCanonicalizing(
            [30.0, 90.0],
            array_map(static fn(PlacedPiece $placed): float => round(Length::ofTenths((int) $placed->centre)->inInches()), $made->dressing->placed),
        );
    }

    private function shelf(Randomizer $random): Dressing
    {
        $pieces = [];
        $left = 0;
        for ($i = 0; $i < 4; ++$i) {
            $width = $random->getInt(4, 10);
            $pieces[] = Make::placed(Make::piece('p' . $i, PieceKind::Vase, $width, $random->getInt(5, 20), depth: 4), $left);
            $left += $width + 1;
        }

        return new Dressing(Make::spot(width: 72, depth: 14), $pieces);
    }

    /** @return list<string> */
    private function ids(Dressing $dressing): array
    {
        return $this->sorted(array_map(static fn(PlacedPiece $one): string => $one->id, $dressing->placed));
    }

    /** @return list<string> */
    private function allIds(Rearranged $made): array
    {
        return $this->sorted([...$this->ids($made->dressing), ...array_map(static fn(Piece $one): string => 'at-' . $one->id, $made->leftOut)]);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private function sorted(array $ids): array
    {
        sort($ids);

        return $ids;
    }
}
