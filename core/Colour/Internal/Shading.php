<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour\Internal;

use BrightCupboard\Core\Colour\Oklch;

/**
 * Tells the light and the dark side of one glaze from two colours: shading runs from one to the other without a step, in one hue.
 *
 * @internal
 */
final readonly class Shading
{
    /** Degrees of hue and chroma in OKLCh that one glaze keeps in light and shade (own values). */
    private const HUE = 16.0;
    private const CHROMA = 0.07;
    private const GREY = 0.03;
    /** Lighter or darker by more than this is another colour, whatever lies between. */
    private const LIGHTNESS = 0.32;
    /** The sparsest part of the way between has at least this share of what it would have if it ran evenly. */
    private const WITHOUT_STEP = 0.35;
    private const PARTS = 4;

    /** @param list<ColourBucket> $buckets all of the picture */
    public static function isOneColour(ColourBucket $one, ColourBucket $two, array $buckets): bool
    {
        [$a, $b] = [Oklch::of($one->heart->linear()->srgb()), Oklch::of($two->heart->linear()->srgb())];
        $off = abs($a->hue - $b->hue);
        $isOneHue = min($off, 360 - $off) <= self::HUE || max($a->chroma, $b->chroma) < self::GREY;
        [$from, $to] = [min($a->lightness, $b->lightness), max($a->lightness, $b->lightness)];
        if (!$isOneHue || abs($a->chroma - $b->chroma) > self::CHROMA || $to - $from > self::LIGHTNESS || $to - $from < 0.02) {
            return false;
        }
        $parts = array_fill(0, self::PARTS, 0);
        foreach ($buckets as $bucket) {
            $at = ($bucket->mean->lightness - $from) / ($to - $from);
            $isOfHue = max($a->chroma, $b->chroma) < self::GREY || min(
                $bucket->mean->distanceSquared($one->heart),
                $bucket->mean->distanceSquared($two->heart),
            ) < (($to - $from) / 1.6) ** 2;
            if ($at > 0.0 && $at < 1.0 && $isOfHue) {
                $parts[(int) ($at * self::PARTS)] += $bucket->pixels;
            }
        }

        return min($parts) >= self::WITHOUT_STEP * array_sum($parts) / self::PARTS && array_sum($parts) > 0.4 * min($one->pixels, $two->pixels);
    }
}
