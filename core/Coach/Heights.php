<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;

/** Where things are over the lowest board of a dressed spot; a tree that stands there has bands and a tip of its own. */
final readonly class Heights
{
    public function __construct(private Dressing $dressing) {}

    /** Height of a board or band over the lowest one, in tenths of a millimetre: the bands are those of the tree that stands, where one does. */
    public function tierHeight(int $tier): int
    {
        $tree = $this->dressing->tree();

        return null === $tree ? $this->dressing->spot->tierHeight($tier) : intdiv($tree->height * min($tier, Spot::BANDS - 1), Spot::BANDS);
    }

    /** Where a piece is over the lowest board, in tenths of a millimetre: on its board, its band or the slope; a star on the tip of the tree. */
    public function base(PlacedPiece $piece): int
    {
        $tree = $this->dressing->tree();

        return match (true) {
            null === $tree => $this->dressing->spot->baseAt($piece->tier, $piece->centre) + $piece->raise,
            $piece === $tree => $piece->raise,
            $this->isTopper($piece) => $tree->top - intdiv($piece->height, 3),
            default => $this->tierHeight($piece->tier) + $piece->raise,
        };
    }

    /** Whether it is put on the tip of a tree: a star there, or a bow. */
    public function isTopper(PlacedPiece $piece): bool
    {
        return Form::Cone === $this->dressing->spot->form() && Spot::BANDS - 1 === $piece->tier && (
            (Posture::Hangs === $piece->posture && PieceKind::Star === $piece->piece->kind)
            || (Posture::Trims === $piece->posture && PieceKind::Ribbon === $piece->piece->kind)
        );
    }

    /** @return list<PlacedPiece> what is on the tree, or would be; a skirt lies round its foot */
    public function trimmings(): array
    {
        return array_values(array_filter(
            $this->dressing->placed,
            static fn(PlacedPiece $one): bool => Posture::Stands !== $one->posture && Posture::Lies !== $one->posture,
        ));
    }
}
