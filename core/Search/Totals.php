<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** What is true of all that was found together; what nobody wrote down is not counted, and how many that are is said. */
final readonly class Totals
{
    /**
     * @param int $units    of all pieces
     * @param int $cost     minor units, of all units whose cost is known
     * @param int $unpriced units without a cost
     * @param int $worth    minor units; what would be paid again, else what was paid
     * @param int $grams    of all units that were weighed
     * @param int $unweighed units that were not
     * @param int $run      tenths of a millimetre, of all that is kept rolled, coiled or folded
     */
    public function __construct(
        public int $units = 0,
        public int $cost = 0,
        public int $unpriced = 0,
        public int $worth = 0,
        public int $grams = 0,
        public int $unweighed = 0,
        public int $run = 0,
    ) {}

    public function with(SearchCard $card): self
    {
        return new self(
            $this->units + $card->count,
            $this->cost + $card->cost * $card->count,
            $this->unpriced + (0 === $card->cost ? $card->count : 0),
            $this->worth + max($card->worth, $card->cost) * $card->count,
            $this->grams + $card->grams * $card->count,
            $this->unweighed + (0 === $card->grams ? $card->count : 0),
            $this->run + $card->run * $card->count,
        );
    }
}
