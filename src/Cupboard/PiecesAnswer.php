<?php

declare(strict_types=1);

namespace App\Cupboard;

/** Several pieces that changed together. */
final readonly class PiecesAnswer
{
    /** @param list<PieceAnswer> $pieces */
    public function __construct(public array $pieces) {}
}
