<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Loan;
use App\Entity\PieceRecord;
use App\Repository\CatalogueEntry;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Plan\History;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Whereabouts;

/** A piece. Lengths in tenths of a millimetre, weight in grams, money in minor units. */
final readonly class PieceAnswer
{
    /**
     * @param list<ColourAnswer> $colours
     * @param list<FaceAnswer>   $faces
     * @param list<PartAnswer>   $parts
     * @param int|null         $laidOut how long one runs when unrolled
     * @param string|null      $photoAt when its photo was taken in
     * @param list<Assumed>    $assumed the usual of its kind, until somebody looks
     * @param list<Material>   $materials
     * @param list<Season>     $seasons
     * @param list<Hazard>     $hazards
     * @param list<UnitsAnswer>  $places
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
        public array $faces,
        public array $parts,
        public SetAnswer $set,
        public ?int $laidOut,
        public ?string $photoAt,
        public array $assumed,
        public array $places,
        public int $worn,
        public ?int $idle,
        public int $version,
    ) {}

    /** @param list<Loan> $loans still open */
    public static function of(CatalogueEntry $entry, PieceRecord $record, Whereabouts $now, ?History $history, array $loans): self
    {
        $piece = $entry->piece;
        $places = [];
        foreach ($now->of($piece->id) as $place => $count) {
            $places[] = new UnitsAnswer($place, $count, PlaceKind::Lent->value === $place ? self::lent($loans) : '');
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
            array_map(static fn(ColourShare $share): ColourAnswer => new ColourAnswer($share->colour->hex(), $share->percent), $piece->colours),
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
            array_map(FaceAnswer::of(...), $record->makeup->faces),
            array_map(PartAnswer::of(...), $record->makeup->parts),
            new SetAnswer($record->makeup->set->name ?? '', $record->makeup->set->of ?? 0),
            $record->makeup->laidOut?->tenths(),
            $record->photoAt?->format('YmdHis'),
            $record->assumed,
            $places,
            $history->seasonsWorn ?? 0,
            $history?->seasonsIdle,
            $entry->version,
        );
    }

    /** @param list<Loan> $loans */
    private static function lent(array $loans): string
    {
        return implode(
            '; ',
            array_map(
                static fn(Loan $loan): string => trim(sprintf(
                    '%d%s%s',
                    $loan->count(),
                    '' === $loan->to() ? '' : ' to ' . $loan->to(),
                    null === $loan->until() ? '' : ', due ' . $loan->until()->format('j M Y'),
                )),
                $loans,
            ),
        );
    }
}
