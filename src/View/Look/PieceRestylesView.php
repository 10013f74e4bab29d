<?php

declare(strict_types=1);

namespace App\View\Look;

final readonly class PieceRestylesView
{
    /** @param list<RestyleView> $ideas the best first */
    public function __construct(public string $piece, public array $ideas) {}
}
