<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Measure\Length;

/** One of the two lengths a cut makes: the piece it is, how long it runs, and whether it stays on its roll. */
final readonly class CutPart
{
    public function __construct(public Piece $piece, public Length $run, public bool $isRolled) {}
}
