<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/** A piece that stood somewhere in a season, with what it cost and how many seasons it has served, this one included. */
final readonly class UsedPiece
{
    public function __construct(
        public string $name,
        public int $units,
        public bool $isNew,
        public Money $costEach,
        public Money $replacementEach,
        public int $seasonsUsed,
    ) {}

    /** What one unit has cost per season it stood, rounded half up. */
    public function costPerSeason(): Money
    {
        return $this->costEach->share(1, max(1, $this->seasonsUsed));
    }
}
