<?php

declare(strict_types=1);

namespace App\Look;

/** What the stock answers to a look, and the share each ribbon has of what is placed so far. */
final readonly class StockByLookAnswer
{
    /**
     * @param list<PieceInLookAnswer> $answers
     * @param list<float>           $placed  0 to 1 by ribbon, then what is nobody's
     */
    public function __construct(
        public int $in,
        public int $near,
        public int $outside,
        public array $answers,
        public array $placed,
        public LookReadingAnswer $reading,
    ) {}
}
