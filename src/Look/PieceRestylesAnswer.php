<?php

declare(strict_types=1);

namespace App\Look;

final readonly class PieceRestylesAnswer
{
    /** @param list<RestyleAnswer> $ideas the best first */
    public function __construct(public string $piece, public array $ideas) {}
}
