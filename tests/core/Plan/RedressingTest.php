<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Plan;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlanChange;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Plan\Redressing;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A whole spot changed in one go: no unit is made, lost or stood twice. */
final class RedressingTest extends TestCase
{
    private int $ids = 0;

    public function testAVersionTakesThePlaceOfWhatStands(): void
    {
        $plan = $this->plan([Make::piece('vase'), Make::piece('jug')]);
        $plan = $plan->with($plan->place('old', 'vase', $this->spot(), 1, new Stance(0)));
        $change = (new Redressing($plan))->asVersion(
            $this->spot(),
            [new PlannedPlace('v1', 'jug', 'spot', 1, new Stance(5080, Layer::Back))],
            $this->newId(...),
        );
        $after = $plan->with($change);

        self::assertSame(['jug'], array_map(static fn(PlannedPlace $one): string => $one->pieceId, $after->at('spot')));
        self::assertSame([1, 0], [$after->free('vase'), $after->free('jug')]);
        self::assertSame(Choice::Bring, $after->choice('jug'), 'standing it there decides it');
    }

    public function testWhatAVersionSharesWithThePlanStays(): void
    {
        $plan = $this->plan([Make::piece('vase')]);
        $plan = $plan->with($plan->place('old', 'vase', $this->spot(), 1, new Stance(0)));
        $after = $plan->with((new Redressing($plan))->asVersion(
            $this->spot(),
            [new PlannedPlace('v1', 'vase', 'spot', 1, new Stance(2540))],
            $this->newId(...),
        ));

        self::assertSame([2540], array_map(static fn(PlannedPlace $one): int => $one->stance->left, $after->at('spot')));
    }

    /** @param int $wanted units of three that a version names, of which one stands elsewhere */
    #[TestWith([1, 1])]
    #[TestWith([2, 2])]
    #[TestWith([3, 2])]
    public function testOfAVersionOnlyWhatIsFreeIsPut(int $wanted, int $put): void
    {
        $plan = $this->plan([Make::piece('tapers', count: 3)]);
        $other = Make::spot(id: 'other');
        $plan = $plan->with($plan->place('there', 'tapers', $other, 1, new Stance(0)));
        $after = $plan->with((new Redressing($plan))->asVersion(
            $this->spot(),
            [new PlannedPlace('v1', 'tapers', 'spot', $wanted, new Stance(0))],
            $this->newId(...),
        ));

        self::assertSame($put, array_sum(array_map(static fn(PlannedPlace $one): int => $one->count, $after->at('spot'))));
    }

    public function testAPieceThatIsGoneIsLeftOut(): void
    {
        $plan = $this->plan([Make::piece('vase')]);
        $change = (new Redressing($plan))->asVersion($this->spot(), [new PlannedPlace('v1', 'gone', 'spot', 1, new Stance(0))], $this->newId(...));

        self::assertEquals(new PlanChange(), $change);
    }

    public function testSeededVersionsNeverPlanMoreThanThereIs(): void
    {
        $random = new Randomizer(new Mt19937(77));
        for ($run = 0; $run < 100; ++$run) {
            $pieces = array_map(static fn(int $i): Piece => Make::piece('p' . $i, count: $random->getInt(1, 4)), range(0, 4));
            $plan = $this->plan($pieces);
            for ($i = 0; $i < 6; ++$i) {
                $version = array_map(
                    fn(int $j): PlannedPlace => new PlannedPlace(
                        'v' . $j,
                        'p' . $random->getInt(0, 4),
                        'spot',
                        $random->getInt(1, 4),
                        new Stance($random->getInt(0, 9000)),
                    ),
                    range(0, $random->getInt(0, 4)),
                );
                $plan = $plan->with((new Redressing($plan))->asVersion($this->spot(), $version, $this->newId(...)));
                foreach ($pieces as $piece) {
                    self::assertGreaterThanOrEqual(0, $plan->free($piece->id), "run {$run}");
                    self::assertSame($piece->count, $plan->free($piece->id) + ($plan->placed[$piece->id]['spot'] ?? 0));
                }
            }
        }
    }

    /** Three of five jugs stand on the sill and two on the chest; a version of four takes the chest's and two of the sill's. */
    public function testWhatIsPlannedElsewhereIsBroughtAsFarAsItIsLacking(): void
    {
        $plan = $this->plan([Make::piece('jug', count: 5), Make::piece('vase')]);
        foreach (['sill' => 3, 'chest' => 2] as $spot => $count) {
            $plan = $plan->with($plan->place($spot, 'jug', Make::spot(id: $spot), $count, new Stance(0)));
        }
        $version = [new PlannedPlace('v1', 'jug', 'spot', 4, new Stance(0)), new PlannedPlace('v2', 'gone', 'spot', 1, new Stance(0))];
        $after = $plan->with((new Redressing($plan))->bringing($this->spot(), $version, $this->newId(...)));
        $there = static fn(string $spot): int => array_sum(array_map(static fn(PlannedPlace $one): int => $one->count, $after->at($spot)));

        self::assertSame([4, 1, 0], [$there('spot'), $there('sill') + $there('chest'), $after->free('jug')]);
        self::assertSame([], $plan->with((new Redressing($plan))->asVersion($this->spot(), $version, $this->newId(...)))->at('spot'), 'none is free');
    }

    public function testTheyAreNotSpreadToWhereTheKettleStands(): void
    {
        $spot = Make::spot(width: 60, keepClear: [new KeepClear(Length::ofInches(36), Length::ofInches(60), 'the kettle')]);
        $plan = $this->plan([Make::piece('jars', PieceKind::Jar, 6, 8, count: 3)]);
        $plan = $plan->with($plan->place('all', 'jars', $spot, 3, new Stance(0)));
        $placed = $plan->with((new Redressing($plan))->spread('all', $spot, $this->newId(...)))->dressing($spot)->placed;

        self::assertEqualsWithDelta([4.5, 15, 25.5], array_map(static fn(PlacedPiece $one): float => $one->left / 254, $placed), 0.01); // (36 − 18) / 4 between
    }

    /** Five stockings of 8 in on a mantel of 60 in leave six gaps of (60 − 40) / 6 in. */
    public function testUnitsAreSpreadWithEvenGapsAndKeepHowTheyArePut(): void
    {
        $plan = $this->plan([Make::piece('stockings', PieceKind::Stocking, 8, 18, count: 5)]);
        $plan = $plan->with($plan->place('all', 'stockings', $this->spot(), 5, new Stance(0, Layer::Front, 0, 0, Posture::Hangs)));
        $after = $plan->with((new Redressing($plan))->spread('all', $this->spot(), $this->newId(...)));
        $placed = $after->dressing($this->spot())->placed;

        $gap = (60 - 40) / 6;
        self::assertEqualsWithDelta(
            array_map(static fn(int $i): float => $gap + $i * (8 + $gap), range(0, 4)),
            array_map(static fn(PlacedPiece $one): float => $one->left / 254, $placed),
            0.01,
        );
        self::assertSame(
            [[Posture::Hangs], [Layer::Front]],
            [
                array_values(array_unique(array_column($placed, 'posture'), \SORT_REGULAR)),
                array_values(array_unique(array_column($placed, 'layer'), \SORT_REGULAR)),
            ],
        );
        self::assertSame(0, $after->free('stockings'));
    }

    private function newId(): string
    {
        return 'new-' . ++$this->ids;
    }

    private function spot(): Spot
    {
        return Make::spot();
    }

    /** @param list<Piece> $pieces all of them loose in store */
    private function plan(array $pieces): Plan
    {
        $stock = array_column($pieces, null, 'id');

        return new Plan(
            $stock,
            [],
            new Whereabouts(array_map(static fn(Piece $piece): array => ['loose' => $piece->count], $stock)),
            ['spot' => $this->spot()],
            [],
            [],
        );
    }
}
