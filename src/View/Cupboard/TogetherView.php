<?php

declare(strict_types=1);

namespace App\View\Cupboard;

use App\Entity\PieceRecord;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;

/** What comes of putting pieces together, and where its parts are taken from. Lengths in tenths of a millimetre, weight in grams, money in minor units. */
final readonly class TogetherView
{
    /**
     * @param list<ColourView>  $colours
     * @param list<Material>    $materials
     * @param list<Season>      $seasons
     * @param list<Hazard>      $hazards
     * @param list<SourceView>  $sources
     * @param PieceView|null    $piece     when it was put together
     */
    private function __construct(
        public int $width,
        public int $depth,
        public int $height,
        public int $weight,
        public array $colours,
        public array $materials,
        public Finish $finish,
        public array $seasons,
        public array $hazards,
        public int $costEach,
        public array $sources,
        public ?PieceView $piece,
    ) {}

    /** @param list<SourceView> $sources */
    public static function of(Piece $piece, PieceRecord $record, array $sources, ?PieceView $made): self
    {
        return new self($piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths(), $piece->weight->grams(), array_map(static fn(ColourShare $share): ColourView => new ColourView($share->colour->hex(), $share->percent), $piece->colours), $piece->materials, $piece->finish, $piece->seasons, $piece->hazards, $record->costEach->minor, $sources, $made);
    }
}
