<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** So many units of one piece go from one place to another. */
final readonly class Move
{
    public function __construct(public string $pieceId, public int $count, public Place $from, public Place $to) {}

    public function back(): self
    {
        return new self($this->pieceId, $this->count, $this->to, $this->from);
    }
}
