<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour\Internal;

use BrightCupboard\Core\Colour\Oklab;
use BrightCupboard\Core\Colour\PixelGrid;
use BrightCupboard\Core\Colour\Srgb;

/**
 * Finds what a thing was photographed against: the commonest colour along the border, and all that is
 * joined to the border in about that colour. The same colour inside the thing stays.
 *
 * @internal
 */
final readonly class PhotoGround
{
    /** How far from the border's colour a pixel may be and still be ground, in OKLab: as far as the border itself strays, within these. */
    private const LEAST_REACH = 0.018;
    private const MOST_REACH = 0.07;
    private const STRAYS = 3.0;
    /** The border's commonest colour is ground only when it has at least this share of the border. */
    private const LEAST_SHARE = 0.5;

    /**
     * @return array{Srgb|null, array<int, true>}|null the colour and the places in the grid, without a colour where it is
     *                                                 see-through; null when no colour rules the border
     */
    public function find(PixelGrid $grid): ?array
    {
        $border = $this->border($grid);
        $clear = \count(array_filter($border, static fn(int $at): bool => isset($grid->clear[$at])));
        if ($clear >= self::LEAST_SHARE * \count($border)) {
            return [null, $grid->clear];
        }
        $border = array_values(array_filter($border, static fn(int $at): bool => !isset($grid->clear[$at])));
        $tally = [];
        foreach ($border as $at) {
            $key = $grid->pixels[$at] & 0xF0F0F0;
            $tally[$key] = ($tally[$key] ?? 0) + 1;
        }
        arsort($tally);
        $rough = array_key_first($tally);
        $samples = array_values(array_filter($border, static fn(int $at): bool => ($grid->pixels[$at] & 0xF0F0F0) === $rough));
        $colour = Srgb::ofNumber($grid->pixels[$samples[intdiv(\count($samples), 2)]]);
        $ground = Oklab::of($colour);
        $near = [];
        $reach = $this->reach($grid, $border, $ground);
        $isGround = static function (int $number) use (&$near, $ground, $reach): bool {
            return $near[$number] ??= Oklab::of(Srgb::ofNumber($number))->distanceSquared($ground) <= $reach ** 2;
        };
        $start = array_values(array_filter($border, static fn(int $at): bool => $isGround($grid->pixels[$at])));

        return \count($start) < self::LEAST_SHARE * \count($border) ? null : [$colour, $this->joined($grid, $start, $isGround) + $grid->clear];
    }

    /**
     * A plain wall strays little: then what is only a little off it is the thing. A wall in uneven light strays more.
     *
     * @param list<int> $border
     */
    private function reach(PixelGrid $grid, array $border, Oklab $ground): float
    {
        $distances = array_map(static fn(int $at): float => sqrt(Oklab::of(Srgb::ofNumber($grid->pixels[$at]))->distanceSquared($ground)), $border);
        sort($distances);
        $strays = $distances[(int) (0.8 * (\count($distances) - 1))];

        return max(self::LEAST_REACH, min(self::MOST_REACH, self::STRAYS * $strays));
    }

    /** @return list<int> */
    private function border(PixelGrid $grid): array
    {
        $border = [];
        foreach (array_keys($grid->pixels) as $at) {
            [$x, $y] = [$at % $grid->width, intdiv($at, $grid->width)];
            if (0 === $x || 0 === $y || $x === $grid->width - 1 || $y === $grid->height - 1) {
                $border[] = $at;
            }
        }

        return $border;
    }

    /**
     * @param list<int>            $start
     * @param \Closure(int): bool  $isGround
     *
     * @return array<int, true>
     */
    private function joined(PixelGrid $grid, array $start, \Closure $isGround): array
    {
        $found = array_fill_keys($start, true);
        $open = $start;
        while (null !== $at = array_pop($open)) {
            $x = $at % $grid->width;
            $beside = [$at - $grid->width, $at + $grid->width, 0 === $x ? -1 : $at - 1, $x === $grid->width - 1 ? -1 : $at + 1];
            foreach ($beside as $next) {
                if (isset($grid->pixels[$next]) && !isset($found[$next]) && $isGround($grid->pixels[$next])) {
                    $found[$next] = true;
                    $open[] = $next;
                }
            }
        }

        return $found;
    }
}
