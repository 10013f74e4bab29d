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
     * @param bool            $isUsedUp what is cut off is used at once; otherwise it stays a piece
     */
    public function __construct(public ?OwnedPiece $from, public int $length, public array $cuts, public bool $isUsedUp = true)
    {
        $this->rest = $length - array_sum($cuts);
    }
}
