<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Piece;

/** What a plan does not say yet. */
final readonly class LeftOpen
{
    /**
     * @param list<Piece> $undecided stand somewhere and nobody has looked at them
     * @param list<Piece> $homeless  are to come out or move, and no spot is planned for them
     */
    public function __construct(public array $undecided, public array $homeless) {}
}
