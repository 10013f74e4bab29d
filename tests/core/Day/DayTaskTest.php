<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use PHPUnit\Framework\TestCase;

/** A sheet that is worked out again writes only what is otherwise than before. */
final class DayTaskTest extends TestCase
{
    public function testATaskIsAnotherWithWhateverIsOtherwise(): void
    {
        self::assertTrue(self::task()->is(self::task()));
        foreach ([
            self::task(key: 'set up:spot:2'),
            self::task(title: 'Stove'),
            self::task(steps: ['jug turned']),
            self::task(after: ['clean']),
            self::task(minutes: 9),
            self::task(count: 2),
            self::task(to: 'spot:2'),
            self::task(spot: null),
        ] as $other) {
            self::assertFalse(self::task()->is($other));
            self::assertTrue($other->is($other));
        }
    }

    /**
     * @param list<string> $steps
     * @param list<string> $after
     */
    private static function task(
        string $key = 'set up:spot:1',
        string $title = 'Stove shelf',
        array $steps = [],
        array $after = [],
        int $minutes = 8,
        int $count = 1,
        string $to = 'spot:1',
        ?string $spot = '1',
    ): DayTask {
        $moves = [new Move('jug', $count, Place::ofKey('table'), Place::ofKey($to))];

        return new DayTask($key, Phase::SetUp, $title, 'Parlour', $moves, new Effort($minutes), $steps, [], $after, null, $spot);
    }
}
