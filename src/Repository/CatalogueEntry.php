<?php

declare(strict_types=1);

namespace App\Repository;

use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Piece;

/** A piece as the core sees it, the tote it goes back to, the swap it was got for, and its other sides. */
final readonly class CatalogueEntry
{
    /** @param list<Face> $faces */
    public function __construct(public Piece $piece, public ?string $ownTote, public ?string $gotFor, public int $version, public array $faces = []) {}
}
