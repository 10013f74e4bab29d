<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\PieceFit;

/** How one piece answers a look: 0 to 100, and the ribbon most of it goes to. */
final readonly class PieceInLookAnswer
{
    public function __construct(public string $piece, public int $score, public FitVerdict $verdict, public int $ribbon, public float $distance) {}

    public static function of(PieceFit $fit): self
    {
        return new self($fit->pieceId, $fit->score, $fit->verdict, $fit->ribbon, round($fit->distance, 1));
    }
}
