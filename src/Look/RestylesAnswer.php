<?php

declare(strict_types=1);

namespace App\Look;

/** Pieces that are nearly right, with what would make them so. */
final readonly class RestylesAnswer
{
    /** @param list<PieceRestylesAnswer> $pieces the nearest to the look first */
    public function __construct(public array $pieces) {}
}
