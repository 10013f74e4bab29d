<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Preparation;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** What the sums leave to make ready comes before the spot is set up, and stands for itself where nothing is. */
final class PreparationTest extends TestCase
{
    public function testASpotWaitsForWhatIsMadeReadyForIt(): void
    {
        $tasks = $this->tasks([new Preparation('a', 'Cut ribbon', 'spot')]);
        $setUp = array_values(array_filter($tasks, static fn(DayTask $task): bool => Phase::SetUp === $task->phase))[0];

        self::assertContains('prepare:a', $setUp->after);
        self::assertSame('Parlour', array_values(array_filter($tasks, static fn(DayTask $task): bool => Phase::Prepare === $task->phase))[0]->group);
    }

    public function testTheListIsInAnOrderInWhichItCanBeDone(): void
    {
        $done = [];
        foreach ($this->tasks([new Preparation('a', 'Cut ribbon', 'spot'), new Preparation('b', 'Set the timer', null)]) as $task) {
            self::assertSame([], array_diff($task->after, array_keys($done)), "{$task->title} waits for what comes later.");
            $done[$task->key] = true;
        }
        self::assertArrayHasKey('prepare:b', $done, 'also what belongs to no spot');
    }

    public function testItTakesItsTimeInTheLanes(): void
    {
        $without = (new Lanes(Crew::of(1)))->schedule($this->tasks([]))->finish;
        $with = (new Lanes(Crew::of(1)))->schedule($this->tasks([new Preparation('a', 'Cut ribbon', 'spot')]))->finish;

        self::assertSame($without + 10, $with);
    }

    public function testASpotThatIsNotSetUpHasItsPreparationAllTheSame(): void
    {
        $tasks = (new DayPlanner())->tasks([], [new DaySpot(Make::spot(), 'Parlour', 1, 1)], [], [new Preparation('a', 'Cut ribbon', 'spot')]);

        self::assertSame(['Cut ribbon'], array_map(static fn(DayTask $task): string => $task->title, $tasks));
    }

    /**
     * @param list<Preparation> $preparations
     *
     * @return list<DayTask>
     */
    private function tasks(array $preparations): array
    {
        $move = new PlannedMove(Make::piece('vase'), 1, Place::of(PlaceKind::Loose), Place::spot('spot'));

        return (new DayPlanner())->tasks([$move], [new DaySpot(Make::spot(), 'Parlour', 1, 1)], [], $preparations);
    }
}
