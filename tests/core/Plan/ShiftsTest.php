<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Plan;

use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Plan\Shift;
use BrightCupboard\Core\Plan\Shifts;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** What stays where it is and is to stand there otherwise: found by where it stood, done on the day, and nothing is moved that nobody asked to move. */
final class ShiftsTest extends TestCase
{
    private const INCH = 254;

    public function testWhatStandsAsItStoodIsLeftAlone(): void
    {
        self::assertSame([], $this->shifts([new Stance(20 * self::INCH)], [new Stance(21 * self::INCH)]), 'an inch is nothing to ask for');
        self::assertSame([], $this->shifts([], [new Stance(20 * self::INCH)]), 'it did not stand here');
        self::assertSame([], $this->shifts([new Stance(20 * self::INCH)], []), 'it leaves');
    }

    public function testWhatIsPutOtherwiseIsToldByWhatChanges(): void
    {
        [$along] = $this->shifts([new Stance(20 * self::INCH)], [new Stance(12 * self::INCH, Layer::Back)]);
        self::assertSame([-8 * self::INCH, Layer::Back, null, null], [$along->along(), $along->layer(), $along->posture(), $along->tier()]);

        [$hung] = $this->shifts([new Stance(0)], [new Stance(0, raise: 6 * self::INCH, posture: Posture::Hangs)]);
        self::assertSame([Posture::Hangs, 6 * self::INCH], [$hung->posture(), $hung->up()]);

        [$turned] = $this->shifts([new Stance(0)], [new Stance(0, face: 'winter')]);
        self::assertTrue($turned->isTurned());
    }

    public function testAPostureThatIsOnlyWrittenOutIsNoOther(): void
    {
        $habit = Make::spot(kind: SpotKind::Mantel)->postureOf(PieceKind::Mirror);

        self::assertNotNull($habit);
        self::assertSame([], $this->shifts([new Stance(0)], [new Stance(0, posture: $habit)]));
    }

    public function testSeveralPlacesAreComparedFromLeftToRightAndOnlyWhereNoneComeOrGo(): void
    {
        $shifts = $this->shifts([new Stance(30 * self::INCH), new Stance(0)], [new Stance(0), new Stance(36 * self::INCH)]);
        self::assertSame([6 * self::INCH], array_map(static fn(Shift $shift): int => $shift->along(), $shifts));

        self::assertSame([], $this->shifts([new Stance(0)], [new Stance(0), new Stance(36 * self::INCH)]), 'a second one comes');
    }

    public function testTheDayHasATaskForItThatTakesTimeAndClearsNothing(): void
    {
        $piece = $this->mirror();
        $spot = new DaySpot(Make::spot(), 'Parlour', 0, 1, false, ['mirror' => 100 * self::INCH], [[$piece, 1]]);
        [$task] = (new DayPlanner())->tasks([], [$spot], []);

        self::assertSame(['set up', [], 'spot'], [$task->phase->value, $task->moves, $task->spot]);
        self::assertGreaterThan(0, $task->effort->minutes);
        self::assertTrue($task->effort->climbs, 'what hangs that high is hung from a ladder');

        $comes = new PlannedMove(Make::piece('in'), 1, Place::of(PlaceKind::Loose), Place::spot('spot'));
        $tasks = (new DayPlanner())->tasks([$comes], [$spot], []);
        self::assertSame(['fetch', 'set up'], array_map(static fn(DayTask $one): string => $one->phase->value, $tasks), 'one task for the spot');
        self::assertSame(['in'], array_map(static fn($move): string => $move->pieceId, $tasks[1]->moves), 'what stays does not come over the table');
        $without = (new DayPlanner())->tasks([$comes], [new DaySpot(Make::spot(), 'Parlour', 0, 1, false)], []);
        self::assertGreaterThan($without[1]->effort->minutes, $tasks[1]->effort->minutes);
    }

    /**
     * @param list<Stance> $stood
     * @param list<Stance> $planned
     *
     * @return list<Shift>
     */
    private function shifts(array $stood, array $planned): array
    {
        $places = static fn(array $stances, string $name): array => array_map(
            static fn(Stance $stance, int $i): PlannedPlace => new PlannedPlace("{$name}{$i}", 'mirror', 'spot', 1, $stance),
            $stances,
            array_keys($stances),
        );
        $there = array_column($places($planned, 'now'), null, 'id');
        $units = max(\count($stood), \count($planned));
        $plan = new Plan(
            ['mirror' => $this->mirror()],
            [],
            new Whereabouts([] === $stood ? ['mirror' => ['loose' => $units]] : ['mirror' => ['spot:spot' => $units]]),
            ['spot' => Make::spot(kind: SpotKind::Mantel)],
            [],
            $there,
        );

        return Shifts::of($plan, $places($stood, 'was'));
    }

    private function mirror(): Piece
    {
        return Make::piece('mirror', PieceKind::Mirror);
    }
}
