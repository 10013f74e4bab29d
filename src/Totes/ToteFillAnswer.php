<?php

declare(strict_types=1);

namespace App\Totes;

/** How full a tote is: part of the inside that is taken, weight in grams, pieces in it, how many findings. */
final readonly class ToteFillAnswer
{
    public function __construct(public string $tote, public float $fill, public int $grams, public int $pieces, public int $findings) {}
}
