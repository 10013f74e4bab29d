<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\PieceRecord;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Season;

/** What comes of putting pieces together, and where its parts are taken from. Lengths in tenths of a millimetre, weight in grams, money in minor units. */
final readonly class TogetherAnswer
{
    /**
     * @param list<ColourAnswer>  $colours
     * @param list<Material>    $materials
     * @param list<Season>      $seasons
     * @param list<Hazard>      $hazards
     * @param list<SourceAnswer>  $sources
     * @param PieceAnswer|null    $piece     when it was put together
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
        public ?PieceAnswer $piece,
    ) {}

    /** @param list<SourceAnswer> $sources */
    public static function of(Piece $piece, PieceRecord $record, array $sources, ?PieceAnswer $made): self
    {
        return new self(
            $piece->size->width->tenths(),
            $piece->size->depth->tenths(),
            $piece->size->height->tenths(),
            $piece->weight->grams(),
            array_map(static fn(ColourShare $share): ColourAnswer => new ColourAnswer($share->colour->hex(), $share->percent), $piece->colours),
            $piece->materials,
            $piece->finish,
            $piece->seasons,
            $piece->hazards,
            $record->costEach->minor,
            $sources,
            $made,
        );
    }
}
