<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Entity\PieceRecord;
use App\Repository\CatalogueEntry;
use BrightCupboard\Core\Plan\History;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Whereabouts;

/** All that a home owns with what it cost, where it is and how often it stood: read once for whatever is asked about its worth. */
final readonly class OwnedStock
{
    /**
     * @param array<string, CatalogueEntry>             $entries   by piece id, in order of name
     * @param array<string, PieceRecord>                $records   by piece id
     * @param array<string, History>                    $histories by piece id; what never stood is missing
     * @param list<array{\DateTimeImmutable, Season}>   $closed    the day and season of each closed swap, the oldest first
     */
    public function __construct(public array $entries, public array $records, public Whereabouts $now, public array $histories, public array $closed) {}

    public function seasonsWorn(string $pieceId): int
    {
        return $this->histories[$pieceId]->seasonsWorn ?? 0;
    }
}
