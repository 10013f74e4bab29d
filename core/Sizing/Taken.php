<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** Units that the cupboard gives to a sum. */
final readonly class Taken
{
    public function __construct(public OwnedPiece $from, public int $units) {}
}
