<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour\Internal;

use BrightCupboard\Core\Colour\Oklab;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Weighted k-means in OKLab with the seeding of k-means++ (D. Arthur, S. Vassilvitskii, 2007).
 *
 * Each round costs buckets × k; it stops when nothing changes, or after 40 rounds. Deterministic by seed;
 * of equally near centres the first is taken.
 *
 * @internal
 */
final readonly class KMeans
{
    private const ROUNDS = 40;
    private const HEART_REACH = 0.08;

    public function __construct(private int $seed) {}

    /**
     * @param non-empty-list<ColourBucket> $buckets
     *
     * @return list<ColourBucket> at most k centres with the pixels nearest to each
     */
    public function clusters(array $buckets, int $k): array
    {
        $centres = $this->seeds($buckets, $k);
        $belongs = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $nearest = array_map(static fn(ColourBucket $bucket): int => self::nearest($bucket->mean, $centres), $buckets);
            if ($nearest === $belongs) {
                break;
            }
            $belongs = $nearest;
            $means = self::means($buckets, $belongs);
            $centres = array_map(static fn(int $i): Oklab => ($means[$i] ?? null)->mean ?? $centres[$i], array_keys($centres));
        }

        return array_values(self::means($buckets, $belongs));
    }

    /**
     * @param non-empty-list<ColourBucket> $buckets
     *
     * @return list<Oklab>
     */
    private function seeds(array $buckets, int $k): array
    {
        $random = new Randomizer(new Mt19937($this->seed));
        $weights = array_map(static fn(ColourBucket $bucket): float => (float) $bucket->pixels, $buckets);
        $centres = [$buckets[self::drawn($weights, $random)]->mean];
        while (\count($centres) < min($k, \count($buckets))) {
            $far = array_map(
                static fn(ColourBucket $bucket): float => $bucket->pixels * $bucket->mean->distanceSquared($centres[self::nearest($bucket->mean, $centres)]),
                $buckets,
            );
            if (array_sum($far) < 1e-12) {
                break;
            }
            $centres[] = $buckets[self::drawn($far, $random)]->mean;
        }

        return $centres;
    }

    /** @param non-empty-list<float> $weights */
    private static function drawn(array $weights, Randomizer $random): int
    {
        $at = $random->getInt(0, 1_000_000_000) / 1e9 * array_sum($weights);
        foreach ($weights as $i => $weight) {
            $at -= $weight;
            if ($at < 0) {
                return $i;
            }
        }

        return \count($weights) - 1;
    }

    /** @param list<Oklab> $centres */
    private static function nearest(Oklab $colour, array $centres): int
    {
        [$best, $least] = [0, \INF];
        foreach ($centres as $i => $centre) {
            $distance = $colour->distanceSquared($centre);
            if ($distance < $least) {
                [$best, $least] = [$i, $distance];
            }
        }

        return $best;
    }

    /**
     * @param list<ColourBucket> $buckets
     * @param list<int>          $belongs centre of each bucket
     *
     * @return array<int, ColourBucket> by centre, without those nothing belongs to
     */
    private static function means(array $buckets, array $belongs): array
    {
        $members = [];
        foreach ($buckets as $i => $bucket) {
            $members[$belongs[$i]][] = $bucket;
        }
        ksort($members);

        return array_map(
            static fn(array $some): ColourBucket => new ColourBucket(
                ColourBucket::mean($some),
                array_sum(array_map(static fn(ColourBucket $bucket): int => $bucket->pixels, $some)),
                self::heart($some),
            ),
            $members,
        );
    }

    /**
     * The mean of what lies near the fullest bucket.
     *
     * @param non-empty-list<ColourBucket> $buckets
     */
    private static function heart(array $buckets): Oklab
    {
        $fullest = $buckets[0];
        foreach ($buckets as $bucket) {
            $fullest = $bucket->pixels > $fullest->pixels ? $bucket : $fullest;
        }
        $near = array_values(array_filter(
            $buckets,
            static fn(ColourBucket $bucket): bool => $bucket->mean->distanceSquared($fullest->mean) <= self::HEART_REACH ** 2,
        ));

        return ColourBucket::mean([] === $near ? [$fullest] : $near);
    }
}
