<?php

declare(strict_types=1);

namespace App\View\Cupboard;

use App\Entity\PieceRecord;
use App\Repository\CatalogueEntry;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Swap\History;

/** A piece. Lengths in tenths of a millimetre, weight in grams, money in minor units. */
final readonly class PieceView
{
    /**
     * @param list<ColourView> $colours
     * @param list<Material>   $materials
     * @param list<Season>     $seasons
     * @param list<Hazard>     $hazards
     * @param list<UnitsView>  $places
     * @param int|null         $idle    closed swaps since it last stood; null when it never did
     */
    private function __construct(
        public string $id,
        public string $name,
        public PieceKind $kind,
        public int $count,
        public int $width,
        public int $depth,
        public int $height,
        public int $weight,
        public array $colours,
        public array $materials,
        public Finish $finish,
        public array $seasons,
        public array $hazards,
        public string $shape,
        public string $pattern,
        public string $origin,
        public int $costEach,
        public int $replacementEach,
        public ?string $cameOn,
        public string $care,
        public array $places,
        public int $worn,
        public ?int $idle,
        public int $version,
    ) {}

    public static function of(CatalogueEntry $entry, PieceRecord $record, Whereabouts $now, ?History $history): self
    {
        $piece = $entry->piece;
        $places = [];
        foreach ($now->of($piece->id) as $place => $count) {
            $places[] = new UnitsView($place, $count);
        }

        return new self(
            $piece->id,
            $piece->name,
            $piece->kind,
            $piece->count,
            $piece->size->width->tenths(),
            $piece->size->depth->tenths(),
            $piece->size->height->tenths(),
            $piece->weight->grams(),
            array_map(static fn(ColourShare $share): ColourView => new ColourView($share->colour->hex(), $share->percent), $piece->colours),
            $piece->materials,
            $piece->finish,
            $piece->seasons,
            $piece->hazards,
            $record->shape,
            $record->pattern,
            $record->origin,
            $record->costEach->minor,
            $record->replacementEach->minor,
            $record->cameOn?->format('Y-m-d'),
            $record->care,
            $places,
            $history->seasonsWorn ?? 0,
            $history?->seasonsIdle,
            $entry->version,
        );
    }
}
