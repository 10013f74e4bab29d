<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Stock\PieceKind;

/** Something a sum needs so many of: what the cupboard gives first, and what is still missing. */
final readonly class Supply
{
    public int $missing;

    /**
     * @param string      $code   what it is, for the words
     * @param list<Taken> $taken
     * @param int|null    $toBuy  units to buy where owned ones are of another length; null when it is what owned ones leave missing
     * @param Length|null $run    how long one to buy runs
     * @param Length|null $width  of one to buy, for the haul line
     * @param list<OwnedPiece> $lengths all that are owned and free of what is laid or cut by length
     * @param float       $perUnit metres, bulbs or stems in one unit, for the price of one of them
     */
    public function __construct(
        public string $code,
        public PieceKind $kind,
        public int $needed,
        public array $taken,
        public Buying $buying,
        ?int $toBuy = null,
        public ?Length $run = null,
        public ?Length $width = null,
        public ?Length $height = null,
        public string $per = 'piece',
        public float $perUnit = 1.0,
        public array $lengths = [],
    ) {
        $this->missing = $toBuy ?? max(0, $needed - array_sum(array_map(static fn(Taken $one): int => $one->units, $taken)));
    }

    /** What the missing ones cost; null when nothing is missing or no price is known. */
    public function price(): ?LinePrice
    {
        return 0 === $this->missing ? null : $this->buying->price($this->missing);
    }
}
