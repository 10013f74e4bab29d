<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\FurnitureWork;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\SecondLook;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\Furniture;
use BrightCupboard\Core\Floor\FurnitureKind;
use BrightCupboard\Core\Floor\Rearrangement;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** A room is emptied, rearranged while it is bare, then cleaned and dressed (common practice). */
final class FurnitureWorkTest extends TestCase
{
    public function testFurnitureIsMovedInTheBareRoomAndOtherRoomsDoNotWaitForIt(): void
    {
        $tasks = $this->withFurniture(FurnitureKind::Sofa);
        $slots = (new Lanes(Crew::of(2)))->schedule($tasks)->slots;
        $move = $slots['move furniture:room:p'];

        self::assertSame(
            [Phase::TakeDown, Phase::TakeDown, Phase::MoveFurniture],
            array_map(static fn(DayTask $task): Phase => $task->phase, \array_slice($tasks, 0, 3)),
        );
        self::assertLessThanOrEqual($move->start, $slots['down parlour']->end);
        self::assertGreaterThanOrEqual($move->end, $slots['clean parlour']->start);
        self::assertGreaterThanOrEqual($move->end, $slots['set up parlour']->start);
        self::assertCount(2, $move->lanes, 'a sofa is for two');
        foreach ($tasks as $task) {
            self::assertSame(
                'Parlour' === $task->group && \in_array($task->phase, [Phase::Clean, Phase::SetUp], true),
                \in_array('move furniture:room:p', $task->after, true),
                $task->key,
            );
        }
    }

    public function testALampIsMovedByOneAndNothingToMoveIsNoTask(): void
    {
        $lamp = array_values(array_filter($this->withFurniture(FurnitureKind::Lamp), static fn(DayTask $task): bool => Phase::MoveFurniture === $task->phase));
        self::assertSame([1, false, 3], [$lamp[0]->effort->hands, $lamp[0]->effort->lifts, $lamp[0]->effort->minutes]);

        $tasks = $this->tasks();
        self::assertSame($tasks, FurnitureWork::into($tasks, 'p', 'Parlour', Rearrangement::of([], []), []));
    }

    public function testASecondLookTakesLongerWhereMoreIsToBePutRight(): void
    {
        $look = new SecondLook();
        [$none, $two] = [
            $look->task(Make::spot(), 'Parlour', []),
            $look->task(Make::spot(), 'Parlour', ['Echo: brass on the left only', 'Still wanted: a bell']),
        ];

        self::assertSame([2, 6], [$none->effort->minutes, $two->effort->minutes]);
        self::assertSame(['Nothing was left open: stand back and look.'], $none->steps);
        self::assertSame([[], 'spot', Phase::LookAgain], [$two->moves, $two->spot, $two->phase]);
    }

    /** @return list<DayTask> */
    private function withFurniture(FurnitureKind $kind): array
    {
        [$wide, $deep] = array_map(Length::ofInches(...), $kind->usual());
        $thing = new Furniture('f', 'Thing', $kind, $wide, $deep);
        $at = static fn(int $left): FloorPlace => new FloorPlace(Length::ofInches($left), Length::zero());

        return FurnitureWork::into($this->tasks(), 'p', 'Parlour', Rearrangement::of(['f' => [$thing, $at(0)]], ['f' => [$thing, $at(40)]]), ['Thing: there']);
    }

    /** @return list<DayTask> */
    private function tasks(): array
    {
        $tasks = [];
        foreach ([Phase::TakeDown, Phase::Clean, Phase::SetUp] as $phase) {
            foreach (['Parlour', 'Hall'] as $room) {
                $word = Phase::TakeDown === $phase ? 'down' : $phase->value;
                $tasks[] = new DayTask($word . ' ' . strtolower($room), $phase, $room, $room, [], new Effort(5, byRule: 5), [], [], [], null);
            }
        }

        return $tasks;
    }
}
