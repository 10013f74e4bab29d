<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Piece;

/** What the plan says of one piece: its decision, how many units go to which spot, and the tote it calls its own. */
final readonly class Intent
{
    /** @param array<string, int> $placed spot id => units */
    public function __construct(public Piece $piece, public ?Choice $choice, public array $placed, public ?string $ownTote) {}
}
