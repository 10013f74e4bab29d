<?php

declare(strict_types=1);

namespace App\Intake;

use App\Cupboard\PieceAnswer;

/** The pieces that were taken in together, in the order of their lines. */
final readonly class LinesTakenAnswer
{
    /** @param list<PieceAnswer> $pieces */
    public function __construct(public array $pieces) {}
}
