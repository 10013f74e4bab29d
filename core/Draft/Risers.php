<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Rule\PhysicalFit;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Stance;

/**
 * What a piece could be stood on to come higher: owned and free books, boxes, trays and baskets turned over.
 *
 * It must hold it, so it is at least seven tenths as wide, and is to be lost under it, so it is neither much wider nor higher
 * than the piece itself (common practice; the shares are from memory).
 */
final readonly class Risers
{
    private const HOLDS = 0.7;
    private const WIDEST = 1.6;
    private const FORMS = [Form::Ledge, Form::Tiers, Form::Table, Form::Floor];

    public function __construct(private PhysicalFit $fit = new PhysicalFit()) {}

    /**
     * @param list<Available> $owned
     *
     * @return list<array{PlacedPiece, PlacedPiece}> the piece as it would stand, and what it stands on; the lowest first
     */
    public function under(Dressing $dressing, PlacedPiece $piece, array $owned): array
    {
        $mayBeRaised = Posture::Stands === $piece->posture && \in_array($dressing->spot->form(), self::FORMS, true);
        if (!$mayBeRaised || null !== $dressing->carrying()->riserUnder($piece)) {
            return [];
        }
        $rest = $dressing->without($piece->id);
        $found = [];
        foreach ($owned as $offer) {
            $height = $offer->piece->size->height->tenths();
            if (
                $offer->piece->id === $piece->piece->id
                || !\in_array(Posture::Carries, $offer->piece->kind->facts()->postures, true)
                || $height > $piece->height
                || $offer->piece->size->width->tenths() < self::HOLDS * $piece->width
                || $offer->piece->size->width->tenths() > self::WIDEST * $piece->width
            ) {
                continue;
            }
            $left = (int) round($piece->centre - $offer->piece->size->width->tenths() / 2);
            $riser = new PlacedPiece(
                'new ' . $offer->piece->id,
                $offer->piece,
                1,
                new Stance($left, $piece->layer, $piece->raise, $piece->tier, Posture::Carries),
            );
            $raised = $piece->put($piece->stance->raisedTo($riser->top));
            if ($this->fit->isFree($riser, $rest) && $this->fit->isFree($raised, $rest->with($riser))) {
                $found[] = [$raised, $riser];
            }
        }
        usort($found, static fn(array $a, array $b): int => [$a[1]->height, $a[1]->piece->id] <=> [$b[1]->height, $b[1]->piece->id]);

        return $found;
    }
}
