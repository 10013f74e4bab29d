<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Floor;

use BrightCupboard\Core\Floor\Box;
use BrightCupboard\Core\Floor\FloorRoom;
use BrightCupboard\Core\Floor\Opening;
use BrightCupboard\Core\Floor\OpeningKind;
use BrightCupboard\Core\Floor\Wall;
use BrightCupboard\Core\Floor\Ways;
use BrightCupboard\Core\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How wide ways are: by rooms where it can be seen, and against a second writing that walks the floor inch by inch. */
final class WaysTest extends TestCase
{
    /**
     * @return iterable<string, array{list<array{int, int, int, int}>, float}> things in a room of 120 by 96 in, and the widest way from its
     *         far door to its near one
     */
    public static function rooms(): iterable
    {
        yield 'bare: as wide as anybody asks' => [[], 60.0];
        yield 'one gap of 28 in' => [[[0, 40, 92, 60]], 28.0];
        yield 'two gaps: the wider counts' => [[[20, 40, 86, 60]], 34.0];
        yield 'past each other, and through what is left of the door' => [[[0, 30, 80, 40], [50, 72, 120, 82]], 20.0];
        yield 'past each other, the door free: 30 in along the far wall' => [[[0, 30, 80, 40], [96, 72, 120, 82]], 30.0];
        yield 'a wall across' => [[[0, 40, 120, 44]], 0.0];
        yield 'half inches count' => [[[0, 40, 90, 60]], 30.0];
    }

    /** @param list<array{int, int, int, int}> $things */
    #[DataProvider('rooms')]
    public function testTheWidestWayIsAsWideAsItsNarrowestPlace(array $things, float $inches): void
    {
        $far = new Opening(OpeningKind::Door, Wall::Far, Length::ofInches(30), Length::ofInches(60));
        $near = new Opening(OpeningKind::Door, Wall::Near, Length::ofInches(30), Length::ofInches(60));
        $ways = new Ways(new FloorRoom(Length::ofInches(120), Length::ofInches(96), [$far, $near]), array_map(self::box(...), $things));

        self::assertEqualsWithDelta(
            $inches,
            $ways->widest($far, static fn(int $side): Box => $ways->doorway($near, intdiv($side, 2))->grown(1))->tenths() / Length::TENTHS_PER_INCH,
            0.0,
        );
    }

    public function testAgreesWithAWalkInchByInch(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $open = 0;
        for ($round = 0; $round < 300; ++$round) {
            [$wide, $deep] = [$random->getInt(80, 160), $random->getInt(80, 140)];
            $things = [];
            for ($i = $random->getInt(2, 7); $i > 0; --$i) {
                [$left, $top] = [$random->getInt(0, $wide - 12), $random->getInt(0, $deep - 12)];
                $things[] = [$left, $top, min($wide, $left + $random->getInt(10, 70)), min($deep, $top + $random->getInt(10, 50))];
            }
            // Even sides, so that the middle of the square is on a whole inch.
            $side = 2 * $random->getInt(8, 18);
            [$from, $to] = [$random->getInt(0, $wide - 40), $random->getInt(0, $wide - 40)];
            $far = new Opening(OpeningKind::Door, Wall::Far, Length::ofInches($from), Length::ofInches(40));
            $near = new Opening(OpeningKind::Door, Wall::Near, Length::ofInches($to), Length::ofInches(40));
            $ways = new Ways(new FloorRoom(Length::ofInches($wide), Length::ofInches($deep), [$far, $near]), array_map(self::box(...), $things));
            $walked = $this->walk($wide, $deep, $things, $side, $from, $to);
            $open += (int) $walked;

            self::assertSame(
                $walked,
                $ways->reaches($side * Length::TENTHS_PER_INCH, $far, static fn(int $asked): Box => $ways->doorway($near, intdiv($asked, 2))->grown(1)),
                "room {$round}",
            );
        }
        self::assertGreaterThan(40, $open);
        self::assertLessThan(260, $open, 'both answers were met often');
    }

    /** @param list<array{int, int, int, int}> $things */
    private function walk(int $wide, int $deep, array $things, int $side, int $from, int $to): bool
    {
        $half = intdiv($side, 2);
        $isFree = static function (int $x, int $y) use ($wide, $deep, $things, $half): bool {
            if ($x < $half || $y < $half || $x > $wide - $half || $y > $deep - $half) {
                return false;
            }
            foreach ($things as [$left, $top, $right, $bottom]) {
                if ($x - $half < $right && $left < $x + $half && $y - $half < $bottom && $top < $y + $half) {
                    return false;
                }
            }

            return true;
        };
        $seen = $next = [];
        for ($x = $from + $half; $x <= $from + 40 - $half; ++$x) {
            if ($isFree($x, $half)) {
                $next[] = [$x, $half];
                $seen[$x][$half] = true;
            }
        }
        while ([] !== $next) {
            [$x, $y] = array_pop($next);
            if ($y === $deep - $half && $x >= $to + $half && $x <= $to + 40 - $half) {
                return true;
            }
            foreach ([[$x - 1, $y], [$x + 1, $y], [$x, $y - 1], [$x, $y + 1]] as [$a, $b]) {
                if (!isset($seen[$a][$b]) && $isFree($a, $b)) {
                    $seen[$a][$b] = true;
                    $next[] = [$a, $b];
                }
            }
        }

        return false;
    }

    /** @param array{int, int, int, int} $inches */
    private static function box(array $inches): Box
    {
        return new Box(...array_map(static fn(int $one): int => $one * Length::TENTHS_PER_INCH, $inches));
    }
}
