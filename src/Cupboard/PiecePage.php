<?php

declare(strict_types=1);

namespace App\Cupboard;

/** A window of the stock, in order of name. */
final readonly class PiecePage
{
    /** @param list<PieceAnswer> $pieces */
    public function __construct(public int $total, public int $offset, public array $pieces) {}
}
