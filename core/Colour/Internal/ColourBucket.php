<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour\Internal;

use BrightCupboard\Core\Colour\Oklab;

/**
 * Pixels of nearly one colour, taken together: their mean, how many they are, and the heart of them, which
 * the blurred edges of a photo do not reach.
 *
 * @internal
 */
final readonly class ColourBucket
{
    public Oklab $heart;

    public function __construct(public Oklab $mean, public int $pixels, ?Oklab $heart = null)
    {
        $this->heart = $heart ?? $mean;
    }

    /** @param non-empty-list<self> $buckets */
    public static function mean(array $buckets): Oklab
    {
        [$lightness, $a, $b, $pixels] = [0.0, 0.0, 0.0, 0];
        foreach ($buckets as $bucket) {
            $lightness += $bucket->pixels * $bucket->mean->lightness;
            $a += $bucket->pixels * $bucket->mean->a;
            $b += $bucket->pixels * $bucket->mean->b;
            $pixels += $bucket->pixels;
        }

        return new Oklab($lightness / $pixels, $a / $pixels, $b / $pixels);
    }
}
