<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\TableShape;

/** A table from above and where people sit round it. */
final readonly class TableTop
{
    /** Edge a person takes: 24 in at least, 30 in with room for elbows (Panero and Zelnik 1979). */
    private const EDGE = ['comfortable' => 30, 'close' => 24];
    private const FINE = 720;
    /** A hair, so that a table just wide enough is. */
    private const TOLERANCE = 1.0;

    private function __construct(public TableShape $shape, public float $width, public float $depth, public int $most) {}

    /** @return list<Ask> */
    public static function asks(): array
    {
        return [
            Ask::choice('tableShape', ['rectangular', 'round', 'oval'])->ofThePlace(),
            Ask::length('tableWidth', 72, 400)->ofThePlace(),
            Ask::length('tableDepth', 38, 200)->when('tableShape', 'rectangular', 'oval')->ofThePlace(),
        ];
    }

    public static function of(Given $given): self
    {
        $shape = TableShape::from($given->choice('tableShape'));

        return new self(
            $shape,
            (float) $given->tenths('tableWidth'),
            (float) $given->tenths(TableShape::Round === $shape ? 'tableWidth' : 'tableDepth'),
            Layout::MOST_SEATS,
        );
    }

    public static function edge(string $comfort): Length
    {
        return Length::ofInches(self::EDGE[$comfort]);
    }

    /** How many can sit, straight across in front of each as much as the edge they take. */
    public function seats(string $comfort): int
    {
        for ($n = 60; $n > 0; --$n) {
            if ($this->across($n) >= self::edge($comfort)->tenths() - self::TOLERANCE) {
                return $n;
            }
        }

        return 0;
    }

    /** What each of so many has of the edge, straight across; 0 when they cannot be seated at all. */
    public function across(int $people): float
    {
        if (TableShape::Rectangular === $this->shape) {
            return max(array_map(fn(int $ends): float => $this->acrossWithEnds($people, $ends), [0, 1, 2]));
        }
        $seats = $this->round($people);
        $least = \INF;
        foreach ($seats as $i => $seat) {
            $next = $seats[($i + 1) % $people];
            $least = min($least, hypot($next[0] - $seat[0], $next[1] - $seat[1]));
        }

        return 1 === $people ? max($this->width, $this->depth) : $least;
    }

    /**
     * Middles of the places at the edge, clockwise, and the way out from the table.
     *
     * @return list<array{float, float, float, float}> x, y from the middle of the table, and outwards
     */
    public function places(int $people): array
    {
        if (TableShape::Rectangular !== $this->shape) {
            return $this->round($people);
        }
        $ends = 0;
        foreach ([1, 2] as $tried) {
            if ($this->acrossWithEnds($people, $tried) >= $this->acrossWithEnds($people, $ends) - 1e-9) {
                $ends = $tried;
            }
        }
        [$long, $short] = [max($this->width, $this->depth), min($this->width, $this->depth)];
        $places = [];
        $along = $people - $ends;
        foreach ([intdiv($along + 1, 2) => -1, intdiv($along, 2) + 1000 => 1] as $count => $side) {
            $count %= 1000;
            for ($i = 0; $i < $count; ++$i) {
                $places[] = [$long * (($i + 0.5) / $count - 0.5), $side * $short / 2, 0.0, (float) $side];
            }
        }
        for ($i = 0; $i < $ends; ++$i) {
            $side = 0 === $i ? -1 : 1;
            $places[] = [$side * $long / 2, 0.0, (float) $side, 0.0];
        }

        return $this->width >= $this->depth ? $places : array_map(static fn(array $place): array => [$place[1], $place[0], $place[3], $place[2]], $places);
    }

    private function acrossWithEnds(int $people, int $ends): float
    {
        [$long, $short] = [max($this->width, $this->depth), min($this->width, $this->depth)];
        $along = $people - $ends;

        return $along < 0 ? 0.0 : min($along > 0 ? $long / (int) ceil($along / 2) : \INF, $ends > 0 ? $short : \INF);
    }

    /** @return list<array{float, float, float, float}> evenly along the edge */
    private function round(int $people): array
    {
        [$a, $b] = [$this->width / 2, $this->depth / 2];
        $sum = 0.0;
        $steps = [];
        for ($i = 0; $i <= self::FINE; ++$i) {
            $angle = 2 * \M_PI * $i / self::FINE - \M_PI / 2;
            $point = [$a * cos($angle), $b * sin($angle)];
            $sum += isset($steps[$i - 1]) ? hypot($point[0] - $steps[$i - 1][0], $point[1] - $steps[$i - 1][1]) : 0.0;
            $steps[] = [...$point, $sum];
        }
        $places = [];
        foreach ($steps as [$x, $y, $at]) {
            if (\count($places) < $people && $at >= $sum * \count($places) / $people - 1e-6) {
                $out = hypot($x / $a ** 2, $y / $b ** 2);
                $places[] = [$x, $y, $x / $a ** 2 / $out, $y / $b ** 2 / $out];
            }
        }

        return $places;
    }
}
