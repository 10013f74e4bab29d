<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Plan;

use BrightCupboard\Core\Plan\Arranging;
use BrightCupboard\Core\Plan\InvalidPlan;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Several pieces put otherwise at once: all of it or none, and never more than there is. */
final class ArrangingTest extends TestCase
{
    public function testTwoSwapPlacesAndAThirdComesInOneChange(): void
    {
        $plan = $this->plan(2, 1);
        foreach ([['a', 'p0', 0], ['b', 'p1', 9000]] as [$id, $piece, $left]) {
            $plan = $plan->with($plan->place($id, $piece, $this->spot(), 1, new Stance($left)));
        }
        $change = (new Arranging($plan))->several($this->spot(), [
            new PlannedPlace('a', 'p0', 'spot', 1, new Stance(9000)), new PlannedPlace('b', 'p1', 'spot', 1, new Stance(0)),
            new PlannedPlace('c', 'p0', 'spot', 1, new Stance(4000, Layer::Back)),
        ], []);
        $after = $plan->with($change);

        self::assertSame([9000, 0, 4000], array_map(static fn(string $id): int => $after->places[$id]->stance->left, ['a', 'b', 'c']));
        self::assertSame([2, 2, 1], array_map(static fn(string $id): int => $after->places[$id]->version, ['a', 'b', 'c']));
        self::assertSame([0, 0], [$after->free('p0'), $after->free('p1')]);
    }

    public function testWhatGoesOffIsFreeForWhatComes(): void
    {
        $plan = $this->plan(1);
        $plan = $plan->with($plan->place('a', 'p0', $this->spot(), 1, new Stance(0)));
        $after = $plan->with((new Arranging($plan))->several($this->spot(), [new PlannedPlace('b', 'p0', 'spot', 1, new Stance(5000))], ['a']));

        self::assertSame(['b'], array_keys($after->places));
        $this->expectException(InvalidPlan::class);
        (new Arranging($after))->several($this->spot(), [new PlannedPlace('c', 'p0', 'spot', 1, new Stance(0))], []);
    }

    public function testSeededArrangementsNeverPlanMoreThanThereIs(): void
    {
        $random = new Randomizer(new Mt19937(4711));
        $made = $refused = 0;
        for ($run = 0; $run < 300; ++$run) {
            $plan = $this->plan(...array_map(static fn(): int => $random->getInt(1, 4), range(0, 3)));
            for ($step = 0; $step < 6; ++$step) {
                $ids = array_keys($plan->places);
                $places = array_map(function (int $i) use ($random, $ids, $plan, $run, $step): PlannedPlace {
                    $id = [] !== $ids && 0 === $random->getInt(0, 1) ? $ids[$random->getInt(0, \count($ids) - 1)] : "n{$run}-{$step}-{$i}";
                    $piece = $plan->places[$id]->pieceId ?? 'p' . $random->getInt(0, 3);

                    return new PlannedPlace($id, $piece, 'spot', $random->getInt(1, 3), new Stance($random->getInt(0, 9000)));
                }, range(0, $random->getInt(0, 2)));
                try {
                    $plan = $plan->with((new Arranging($plan))->several($this->spot(), $places, []));
                    ++$made;
                } catch (InvalidPlan) {
                    ++$refused;
                }
                foreach ($plan->stock as $id => $piece) {
                    self::assertGreaterThanOrEqual(0, $plan->free($id), "run {$run}: {$id} is planned more often than it is owned");
                    self::assertSame($piece->count, $plan->free($id) + array_sum($plan->placed[$id] ?? []), "run {$run}: {$id}");
                }
            }
        }
        self::assertGreaterThan(200, $made);
        self::assertGreaterThan(200, $refused);
    }

    private function plan(int ...$counts): Plan
    {
        $stock = [];
        foreach (array_values($counts) as $i => $count) {
            $stock['p' . $i] = Make::piece('p' . $i, count: $count);
        }
        $there = array_map(static fn(Piece $piece): array => ['loose' => $piece->count], $stock);

        return new Plan($stock, [], new Whereabouts($there), ['spot' => $this->spot()], [], []);
    }

    private function spot(): Spot
    {
        return Make::spot();
    }
}
