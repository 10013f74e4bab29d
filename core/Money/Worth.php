<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/** What one piece has been worth so far. */
final readonly class Worth
{
    /** Dear enough to be regretted, in minor units for one unit, and how few seasons of use make it so. Own values. */
    private const DEAR_FROM = 2000;
    private const HARDLY_USED_UP_TO = 1;

    /** @param int $chances closed swaps since it came that it could have stood in */
    public function __construct(public Money $costEach, public int $count, public int $seasonsWorn, public int $chances) {}

    /** What one unit has cost for each season it stood; its whole price while it never did. */
    public function costPerSeason(): Money
    {
        return $this->costEach->share(1, max(1, $this->seasonsWorn));
    }

    /** Bought dear, had three chances or more, and stood once or never. */
    public function isRegret(): bool
    {
        return $this->costEach->minor >= self::DEAR_FROM && $this->chances >= 3 && $this->seasonsWorn <= self::HARDLY_USED_UP_TO;
    }
}
