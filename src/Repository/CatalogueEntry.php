<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\PieceRecord;
use BrightCupboard\Core\Stock\Piece;

/** A piece as the core sees it, with its record. */
final readonly class CatalogueEntry
{
    public function __construct(public Piece $piece, public PieceRecord $record, public ?string $ownTote, public ?string $gotFor, public int $version) {}
}
