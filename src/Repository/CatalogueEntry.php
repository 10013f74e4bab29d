<?php

declare(strict_types=1);

namespace App\Repository;

use BrightCupboard\Core\Stock\Piece;

/** A piece as the core sees it, the tote it goes back to, and the swap it was got for. */
final readonly class CatalogueEntry
{
    public function __construct(public Piece $piece, public ?string $ownTote, public ?string $gotFor, public int $version) {}
}
