<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Plan;

use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\FreeForSum;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** A sum is answered from what the plan leaves free, and says where that is. */
final class FreeForSumTest extends TestCase
{
    public function testWhatIsAwayPutTogetherPlannedElsewhereOrLeavingIsNotFree(): void
    {
        $free = $this->free([
            'lent' => ['lent' => 2, 'tote:t1' => 1],
            'apart' => ['within:basket' => 1],
            'planned' => ['tote:t1' => 2],
            'leaving' => ['loose' => 1],
            'there' => ['spot:rail' => 1, 'tote:t1' => 3],
        ], ['planned' => 'mantel'], ['leaving' => Choice::Part]);

        self::assertSame(
            ['Lent' => [1, 'A1, attic'], 'Planned' => [1, 'A1, attic'], 'There' => [4, 'now on Stove shelf']],
            array_column(array_map(
                static fn(OwnedPiece $one): array => [$one->piece->name, [$one->free, $one->where]],
                $free->of(Sums::Garland, null, null)->pieces,
            ), 1, 0),
        );
        self::assertSame([], $free->of(Sums::Hooks, null, null)->pieces, 'garlands are no hooks');
    }

    public function testWhatIsPlannedForTheSpotItselfIsThereWhateverItsSeason(): void
    {
        $free = $this->free(['autumn' => ['loose' => 1], 'summer' => ['loose' => 1], 'winter' => ['arrived' => 1]], ['autumn' => 'rail']);

        self::assertSame(['Autumn', 'Winter'], $this->names($free, 'rail'));
        self::assertSame(['Winter'], $this->names($free, 'mantel'));
        self::assertSame(['Summer', 'Winter'], array_map(
            static fn(OwnedPiece $one): string => $one->piece->name,
            $free->of(Sums::Garland, null, null)->pieces,
        ), 'for any season, but one of them is planned');
    }

    /** @return list<string> */
    private function names(FreeForSum $free, string $spot): array
    {
        return array_map(static fn(OwnedPiece $one): string => $one->piece->name, $free->of(Sums::Garland, Season::Winter, $spot)->pieces);
    }

    /**
     * Garlands, each for the season it is called by.
     *
     * @param array<string, array<string, int>> $units   by piece and key of place
     * @param array<string, string>             $planned spot of one unit, by piece
     * @param array<string, Choice>             $choices
     */
    private function free(array $units, array $planned, array $choices = []): FreeForSum
    {
        $stock = $places = [];
        foreach ($units as $id => $there) {
            $season = Season::tryFrom($id);
            $stock[$id] = Make::piece($id, PieceKind::Garland, 72, 4, seasons: null === $season ? [] : [$season], count: array_sum($there));
        }
        foreach ($planned as $piece => $spot) {
            $places[$piece] = new PlannedPlace($piece, $piece, $spot, 1, new Stance(0));
        }
        $spots = ['rail' => Make::spot(id: 'rail'), 'mantel' => Make::spot(id: 'mantel')];
        $tote = new StoredTote('t1', 'A1', 'attic', Make::size(24, 16, 14), []);

        return new FreeForSum(new Plan($stock, [], new Whereabouts($units), $spots, $choices, $places), [$tote]);
    }
}
