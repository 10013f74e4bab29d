<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

use BrightCupboard\Core\Colour\Internal\ColourBucket;
use BrightCupboard\Core\Colour\Internal\KMeans;
use BrightCupboard\Core\Colour\Internal\PhotoGround;
use BrightCupboard\Core\Colour\Internal\Shading;

/**
 * The two to five colours of a photo, with the share of the picture each has.
 *
 * Pixels are gathered in buckets of 4 bits a channel, buckets in clusters (k-means++ in OKLab, seeded), clusters
 * that the eye takes for one (CIEDE2000 under 8) or that are one glaze in light and shade joined, and those under 3 % given to
 * their nearest neighbour, unless they stand out as an accent.
 */
final readonly class PhotoColours
{
    public const MOST = 5;
    private const CLUSTERS = 8;
    private const SAME_BELOW = 8.0;
    private const LEAST_SHARE = 0.03;
    /** An accent that stands out so far from all others counts from this share on. */
    private const ACCENT_SHARE = 0.018;
    private const STANDS_OUT = 22.0;
    /** Where so little is left beside the ground, the thing may have its colour; where less, the ground is all there is. */
    private const NEARLY = 0.06;
    private const NOTHING = 0.004;

    public function __construct(private int $seed = 1) {}

    /** @param int $most 1 to 5 colours */
    public function read(PixelGrid $grid, int $most, bool $withoutGround): PhotoReading
    {
        $ground = $withoutGround ? (new PhotoGround())->find($grid) : null;
        $left = array_diff_key($grid->pixels, $ground[1] ?? $grid->clear);
        $isAll = \count($left) <= self::NOTHING * \count($grid->pixels);
        $buckets = $this->buckets($isAll ? $grid->pixels : $left);
        $clusters = (new KMeans($this->seed))->clusters($buckets, self::CLUSTERS);
        $seen = match (true) {
            null === $ground => PhotoGroundSeen::None,
            $isAll => PhotoGroundSeen::All,
            null === $ground[0] => PhotoGroundSeen::Transparent,
            \count($left) < self::NEARLY * \count($grid->pixels) => PhotoGroundSeen::Nearly,
            default => PhotoGroundSeen::LeftOut,
        };

        return new PhotoReading($this->shares($this->joined($clusters, max(1, min(self::MOST, $most)), $buckets)), $isAll ? null : ($ground[0] ?? null), $seen);
    }

    /**
     * @param array<int, int> $pixels
     *
     * @return non-empty-list<ColourBucket>
     */
    private function buckets(array $pixels): array
    {
        $counts = array_count_values($pixels);
        ksort($counts);
        $members = [];
        foreach ($counts as $number => $count) {
            $members[$number & 0xF0F0F0][] = new ColourBucket(Oklab::of(Srgb::ofNumber($number)), $count);
        }
        $buckets = array_values(array_map(
            static fn(array $some): ColourBucket => new ColourBucket(
                ColourBucket::mean($some),
                array_sum(array_map(static fn(ColourBucket $one): int => $one->pixels, $some)),
            ),
            $members,
        ));

        return [] === $buckets ? throw new \LogicException('A picture has pixels.') : $buckets;
    }

    /**
     * Joins the nearest two until every cluster is told apart from the others, large enough, and there are no more than asked for.
     *
     * @param list<ColourBucket> $clusters
     * @param list<ColourBucket> $buckets  all of the picture
     *
     * @return list<ColourBucket> most pixels first
     */
    private function joined(array $clusters, int $most, array $buckets): array
    {
        $all = array_sum(array_map(static fn(ColourBucket $cluster): int => $cluster->pixels, $clusters));
        while (\count($clusters) > 1) {
            usort($clusters, static fn(ColourBucket $a, ColourBucket $b): int => $b->pixels <=> $a->pixels);
            [$one, $two, $distance] = $this->nearestPair($clusters, $buckets);
            $least = \count($clusters) - 1;
            if (
                $distance >= self::SAME_BELOW
                && $clusters[$least]->pixels < ($this->standsOut($least, $clusters) ? self::ACCENT_SHARE : self::LEAST_SHARE) * $all
            ) {
                [$one, $two] = [$this->nearestTo($least, $clusters), $least];
            } elseif ($distance >= self::SAME_BELOW && \count($clusters) <= $most) {
                break;
            }
            $clusters[$one] = $this->together($clusters[$one], $clusters[$two], $distance < self::SAME_BELOW);
            array_splice($clusters, $two, 1);
        }

        return $clusters;
    }

    /**
     * @param list<ColourBucket> $clusters
     * @param list<ColourBucket> $buckets
     *
     * @return array{int, int, float} the larger, the smaller, CIEDE2000 between them; none where they are one glaze
     */
    private function nearestPair(array $clusters, array $buckets): array
    {
        $difference = new Ciede2000();
        $labs = array_map(static fn(ColourBucket $cluster): Lab => Lab::of($cluster->heart->linear()->srgb()), $clusters);
        $best = [0, 1, \INF];
        foreach ($labs as $i => $lab) {
            for ($j = $i + 1; $j < \count($labs); ++$j) {
                $distance = $difference->between($lab, $labs[$j]);
                $distance = $distance >= self::SAME_BELOW && Shading::isOneColour($clusters[$i], $clusters[$j], $buckets) ? self::SAME_BELOW - 0.01 : $distance;
                $best = $distance < $best[2] ? [$i, $j, $distance] : $best;
            }
        }

        return $best;
    }

    /** @param list<ColourBucket> $clusters */
    private function standsOut(int $one, array $clusters): bool
    {
        $difference = new Ciede2000();
        $lab = Lab::of($clusters[$one]->heart->linear()->srgb());
        $others = array_diff_key($clusters, [$one => true]);

        return [] === array_filter(
            $others,
            static fn(ColourBucket $other): bool => $difference->between($lab, Lab::of($other->heart->linear()->srgb())) < self::STANDS_OUT,
        );
    }

    /** @param list<ColourBucket> $clusters */
    private function nearestTo(int $one, array $clusters): int
    {
        [$best, $least] = [0, \INF];
        foreach ($clusters as $i => $cluster) {
            $distance = $i === $one ? \INF : $cluster->mean->distanceSquared($clusters[$one]->mean);
            if ($distance < $least) {
                [$best, $least] = [$i, $distance];
            }
        }

        return $best;
    }

    /** Two of one colour meet in the middle, by their pixels; of two colours the larger one gives it. */
    private function together(ColourBucket $one, ColourBucket $two, bool $areOneColour): ColourBucket
    {
        $larger = $one->pixels >= $two->pixels ? $one : $two;
        $heart = $areOneColour
            ? ColourBucket::mean([new ColourBucket($one->heart, $one->pixels), new ColourBucket($two->heart, $two->pixels)])
            : $larger->heart;

        return new ColourBucket(ColourBucket::mean([$one, $two]), $one->pixels + $two->pixels, $heart);
    }

    /**
     * Whole percent by largest remainder, so that they sum to 100.
     *
     * @param list<ColourBucket> $clusters
     *
     * @return list<ColourShare>
     */
    private function shares(array $clusters): array
    {
        $percents = WholePercents::of(array_map(static fn(ColourBucket $cluster): float => (float) $cluster->pixels, $clusters));

        return array_map(
            static fn(ColourBucket $cluster, int $percent): ColourShare => new ColourShare($cluster->heart->linear()->srgb(), $percent),
            $clusters,
            $percents,
        );
    }
}
