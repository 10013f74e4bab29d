<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;

/** The line that something is laid along: an edge, a slope, swags between hooks, or round a post; with what hangs over at the ends. */
final readonly class Run
{
    /** Points that a curve is drawn with. */
    private const FINE = 24;
    /** Turns and swags past which nobody could still see them. */
    private const MOST_TURNS = 40;

    /** @param non-empty-list<array{float, float}> $points of the picture, along the run, hanging ends included */
    private function __construct(public string $shape, public float $laid, public float $overhang, private array $points, public float $level) {}

    /** @return list<Ask> */
    public static function asks(): array
    {
        return [
            Ask::choice('shape', ['level', 'slope', 'swags', 'post'])->ofThePlace(),
            Ask::length('run', 72)->ofThePlace(),
            Ask::length('rise', 60, 1200)->when('shape', 'slope')->ofThePlace(),
            Ask::count('swags', 3, 1, self::MOST_TURNS)->when('shape', 'swags'),
            Ask::length('sag', 8, 240)->when('shape', 'swags'),
            Ask::length('around', 4, 120)->when('shape', 'post')->ofThePlace(),
            Ask::number('turns', 5, 0.5, self::MOST_TURNS)->when('shape', 'post'),
            Ask::lengthOrNone('overhang', 0, 240)->when('shape', 'level', 'slope', 'swags'),
        ];
    }

    public static function of(Given $given): self
    {
        $run = (float) $given->tenths('run');
        $overhang = $given->is('shape', 'post') ? 0.0 : (float) $given->tenths('overhang');
        [$laid, $points] = match ($given->choice('shape')) {
            'slope' => self::slope($run, $given),
            'swags' => self::swags($run, $given),
            'post' => self::post($run, $given),
            default => [$run, [[0.0, 0.0], [$run, 0.0]]],
        };
        if ($overhang > 0.0) {
            [$first, $last] = [$points[0], end($points)];
            $points = [[$first[0], $first[1] + $overhang], ...$points, [$last[0], $last[1] + $overhang]];
        }

        return new self($given->choice('shape'), $laid, $overhang, $points, $given->is('shape', 'post') ? (float) $given->tenths('around') : $run);
    }

    /** With both ends hanging over. */
    public function length(): Length
    {
        return Length::ofTenths((int) round($this->total()));
    }

    public function total(): float
    {
        return $this->laid + 2 * $this->overhang;
    }

    /** @return list<Said> how it comes to its length */
    public function working(Given $given): array
    {
        $run = $given->length('run');
        $laid = Length::ofTenths((int) round($this->laid));
        $working = [match ($this->shape) {
            'slope' => new Said('run slope', ['run' => $run, 'rise' => $given->length('rise'), 'laid' => $laid]),
            'swags' => new Said('run swags', ['run' => $run, 'swags' => $given->count('swags'), 'sag' => $given->length('sag'), 'laid' => $laid]),
            'post' => new Said('run post', ['run' => $run, 'turns' => $given->number('turns'), 'around' => $given->length('around'), 'laid' => $laid]),
            default => new Said('run level', ['laid' => $laid]),
        }];
        if ($this->overhang > 0.0) {
            $working[] = new Said('run overhang', ['overhang' => $given->length('overhang'), 'total' => $this->length()]);
        }

        return $working;
    }

    /** @return array{float, float} where the picture is so far along the run, in tenths of a millimetre from its left end */
    public function at(float $along): array
    {
        $left = $along / max(1.0, $this->total()) * $this->drawn();
        foreach ($this->points as $i => $point) {
            $next = $this->points[$i + 1] ?? null;
            if (null === $next) {
                break;
            }
            $step = hypot($next[0] - $point[0], $next[1] - $point[1]);
            if ($left <= $step) {
                $part = $step > 0.0 ? max(0.0, $left / $step) : 0.0;

                return [$point[0] + $part * ($next[0] - $point[0]), $point[1] + $part * ($next[1] - $point[1])];
            }
            $left -= $step;
        }

        return $this->last();
    }

    /** @return list<array{float, float}> the picture of a stretch of it with all its bends, lowered by so much */
    public function between(float $from, float $to, float $down = 0.0): array
    {
        $scale = $this->drawn() / max(1.0, $this->total());
        $points = [$this->at($from)];
        $at = 0.0;
        foreach ($this->points as $i => $point) {
            $at += $i > 0 ? hypot($point[0] - $this->points[$i - 1][0], $point[1] - $this->points[$i - 1][1]) : 0.0;
            if ($at > $from * $scale && $at < $to * $scale) {
                $points[] = $point;
            }
        }
        $points[] = $this->at($to);

        return array_map(static fn(array $point): array => [$point[0], $point[1] + $down], $points);
    }

    /** What it lies on: an edge, a rail or a post, behind everything else. */
    public function surface(): Mark
    {
        $inch = Length::TENTHS_PER_INCH;
        if ('post' === $this->shape) {
            $height = $this->last()[1];

            return Mark::box(MarkRole::Surface, -$this->level / 2, 0, $this->level, $height);
        }
        [$left, $right] = [$this->points[0], $this->last()];
        [$left[1], $right[1]] = [$left[1] - $this->overhang, $right[1] - $this->overhang];

        return Mark::area(MarkRole::Surface, [$left, $right, [$right[0], $right[1] + 2 * $inch], [$left[0], $left[1] + 2 * $inch]]);
    }

    /** @return array{float, float} */
    private function last(): array
    {
        return $this->points[\count($this->points) - 1];
    }

    private function drawn(): float
    {
        $length = 0.0;
        foreach ($this->points as $i => $point) {
            $next = $this->points[$i + 1] ?? $point;
            $length += hypot($next[0] - $point[0], $next[1] - $point[1]);
        }

        return $length;
    }

    /** @return array{float, non-empty-list<array{float, float}>} */
    private static function slope(float $run, Given $given): array
    {
        $rise = (float) $given->tenths('rise');
        if ($rise > $run) {
            throw InvalidSum::at('rise', 'too steep', ['rise' => $given->length('rise'), 'run' => $given->length('run')]);
        }

        return [hypot($run, $rise), [[0.0, $rise], [$run, 0.0]]];
    }

    /** @return array{float, non-empty-list<array{float, float}>} */
    private static function swags(float $run, Given $given): array
    {
        [$swags, $sag] = [$given->count('swags'), (float) $given->tenths('sag')];
        $span = $run / $swags;
        if ($sag > 2 * $span) {
            throw InvalidSum::at('sag', 'too deep a swag', ['sag' => $given->length('sag'), 'span' => Length::ofTenths((int) round($span))]);
        }
        $points = [[0.0, 0.0]];
        for ($i = 1; $i <= $swags * self::FINE; ++$i) {
            $in = ($i % self::FINE) / self::FINE;
            $points[] = [$run * $i / ($swags * self::FINE), 4 * $sag * $in * (1 - $in)];
        }

        return [$swags * Curves::swag($span, $sag), $points];
    }

    /** @return array{float, non-empty-list<array{float, float}>} seen from the front, from the foot up */
    private static function post(float $height, Given $given): array
    {
        [$turns, $around] = [$given->number('turns'), (float) $given->tenths('around')];
        $points = [[0.0, 0.0]];
        $steps = (int) ceil($turns * self::FINE);
        for ($i = 1; $i <= $steps; ++$i) {
            $points[] = [sin(2 * \M_PI * $turns * $i / $steps) * $around / 2, $height * $i / $steps];
        }

        return [Curves::helix($height, $turns, $around), $points];
    }
}
