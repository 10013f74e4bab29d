<?php

declare(strict_types=1);

namespace App\View\Cupboard;

/** Several pieces that changed together. */
final readonly class PiecesView
{
    /** @param list<PieceView> $pieces */
    public function __construct(public array $pieces) {}
}
