<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** One roll of a cutting plan: what is cut off it, the longest first, and what is left. Tenths of a millimetre. */
final readonly class CutRoll
{
    public int $rest;

    /**
     * @param OwnedPiece|null $from null for one to buy
     * @param list<int>       $cuts
     */
    public function __construct(public ?OwnedPiece $from, public int $length, public array $cuts)
    {
        $this->rest = $length - array_sum($cuts);
    }
}
