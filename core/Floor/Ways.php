<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\Measure\Length;

/**
 * How wide a way is between things on a floor: the largest square that can be pushed along it without turning.
 *
 * Exact for furniture at right angles: what stands in the way is grown by half the square, the square shrinks to its
 * middle, and the free floor falls into the rectangles between all edges (cell decomposition, Lozano-Pérez 1983).
 */
final readonly class Ways
{
    /** Nobody needs more. */
    public const MOST = 60 * Length::TENTHS_PER_INCH;
    private const STEP = Length::TENTHS_PER_INCH / 2;
    /** A gap exactly as wide as the square lets it through. */
    private const SLACK = 2;

    /** @param list<Box> $obstacles */
    public function __construct(private FloorRoom $room, private array $obstacles) {}

    /**
     * @param Opening              $door where the way begins
     * @param \Closure(int): Box   $zone where the middle of a square of that side has arrived
     *
     * @return Length to half an inch, at most 60 in; 0 where there is no way at all
     */
    public function widest(Opening $door, \Closure $zone): Length
    {
        [$goes, $fails] = [0, intdiv(self::MOST, self::STEP) + 1];
        while ($fails - $goes > 1) {
            $half = intdiv($goes + $fails, 2);
            $this->reaches($half * self::STEP, $door, $zone) ? $goes = $half : $fails = $half;
        }

        return Length::ofTenths($goes * self::STEP);
    }

    /** @param \Closure(int): Box $zone */
    public function reaches(int $side, Opening $door, \Closure $zone): bool
    {
        $half = max(1, intdiv($side - self::SLACK, 2));
        [$xs, $ys, $blocked] = $this->cells($half);
        $begin = $this->doorway($door, $half);
        $target = $zone(2 * $half);
        $seen = $next = [];
        foreach ($this->touching($xs, $ys, $begin) as [$i, $j]) {
            if (!isset($blocked[$i][$j])) {
                $next[] = [$i, $j];
                $seen[$i][$j] = true;
            }
        }
        while ([] !== $next) {
            [$i, $j] = array_pop($next);
            if ((new Box($xs[$i], $ys[$j], $xs[$i + 1], $ys[$j + 1]))->grown(1)->overlaps($target)) {
                return true;
            }
            foreach ([[$i - 1, $j], [$i + 1, $j], [$i, $j - 1], [$i, $j + 1]] as [$a, $b]) {
                if (isset($xs[$a + 1], $ys[$b + 1]) && $a >= 0 && $b >= 0 && !isset($blocked[$a][$b]) && !isset($seen[$a][$b])) {
                    $seen[$a][$b] = true;
                    $next[] = [$a, $b];
                }
            }
        }

        return false;
    }

    /** Where the middle of the square is as it comes through the door; a door that is narrower lets it through its middle. */
    public function doorway(Opening $door, int $half): Box
    {
        $edge = min($half, intdiv($door->width->tenths(), 2));
        [$from, $to] = [$door->from->tenths() + $edge, $door->from->tenths() + $door->width->tenths() - $edge];
        [$wide, $deep] = [$this->room->width->tenths(), $this->room->depth->tenths()];

        return match ($door->wall) {
            Wall::Far => new Box($from, $half, $to, $half),
            Wall::Near => new Box($from, $deep - $half, $to, $deep - $half),
            Wall::Left => new Box($half, $from, $half, $to),
            Wall::Right => new Box($wide - $half, $from, $wide - $half, $to),
        };
    }

    /** @return array{list<int>, list<int>, array<int, array<int, true>>} edges across and deep, and which cells between them are not free */
    private function cells(int $half): array
    {
        [$xs, $ys] = [[$half, $this->room->width->tenths() - $half], [$half, $this->room->depth->tenths() - $half]];
        $grown = array_map(static fn(Box $box): Box => $box->grown($half), $this->obstacles);
        foreach ($grown as $box) {
            array_push($xs, $box->left, $box->right);
            array_push($ys, $box->top, $box->bottom);
        }
        $xs = self::edges($xs, $half, $this->room->width->tenths() - $half);
        $ys = self::edges($ys, $half, $this->room->depth->tenths() - $half);
        $blocked = [];
        foreach ($grown as $box) {
            for ($i = 0; isset($xs[$i + 1]); ++$i) {
                if ($xs[$i] < $box->right && $box->left < $xs[$i + 1]) {
                    for ($j = 0; isset($ys[$j + 1]); ++$j) {
                        if ($ys[$j] < $box->bottom && $box->top < $ys[$j + 1]) {
                            $blocked[$i][$j] = true;
                        }
                    }
                }
            }
        }

        return [$xs, $ys, $blocked];
    }

    /**
     * @param list<int> $edges
     *
     * @return list<int> each once, in order, those between the walls
     */
    private static function edges(array $edges, int $least, int $most): array
    {
        $edges = array_unique(array_filter($edges, static fn(int $edge): bool => $edge >= $least && $edge <= $most));
        sort($edges);

        return $edges;
    }

    /**
     * @param list<int> $xs
     * @param list<int> $ys
     *
     * @return iterable<array{int, int}> cells that a line along a wall runs through
     */
    private function touching(array $xs, array $ys, Box $line): iterable
    {
        for ($i = 0; isset($xs[$i + 1]); ++$i) {
            for ($j = 0; isset($ys[$j + 1]); ++$j) {
                if ($xs[$i] <= $line->right && $line->left <= $xs[$i + 1] && $ys[$j] <= $line->bottom && $line->top <= $ys[$j + 1]) {
                    yield [$i, $j];
                }
            }
        }
    }
}
