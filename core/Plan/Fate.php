<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Piece;

/** What is decided and planned for one piece, and where it is now. */
final readonly class Fate
{
    /**
     * @param array<string, int> $placed spot id => units in the plan
     * @param list<string>       $spotsNow ids of the spots where it stands
     */
    public function __construct(public Piece $piece, public ?Choice $choice, public array $placed, public array $spotsNow) {}

    /** Whether it will be out: planned for a spot, or to stay, move or come. */
    public function willBeOut(): bool
    {
        return [] !== $this->placed || \in_array($this->choice, [Choice::Stay, Choice::Move, Choice::Bring], true);
    }
}
