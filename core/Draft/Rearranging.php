<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\Rule\PhysicalFit;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;

/** Puts what stands at a spot anew: by the other school, or on another spot. */
final readonly class Rearranging
{
    public function __construct(private PlaceFinder $places = new PlaceFinder(), private PhysicalFit $fit = new PhysicalFit()) {}

    /** The same pieces worked out anew for a school; what carries or holds others first, then the heaviest. */
    public function by(Dressing $dressing, BalanceSchool $school): Rearranged
    {
        $placed = $dressing->placed;
        usort(
            $placed,
            static fn(PlacedPiece $a, PlacedPiece $b): int => [self::order($a), -$a->visualWeight(), $a->id] <=> [self::order($b), -$b->visualWeight(), $b->id],
        );
        $new = new Dressing($dressing->spot, []);
        $leftOut = [];
        foreach ($placed as $piece) {
            // What is on its hook over a ledge stays there; what stands before it is put anew.
            $stance = Form::Panel !== $dressing->spot->form() && $dressing->isOnWall($piece)
                ? $piece->stance
                : $this->places->find($new, $piece->piece, $school, $piece->count);
            if (null === $stance) {
                $leftOut[] = $piece->piece;
                continue;
            }
            $new = $new->with(new PlacedPiece($piece->id, $piece->piece, $piece->count, $stance));
        }

        return new Rearranged(BalanceSchool::Centred === $school ? $this->levelled($new) : $new, $leftOut);
    }

    /** The whole shifted along until both sides pull alike, as far as its edges and what must stay clear let it. */
    private function levelled(Dressing $dressing): Dressing
    {
        $isOnBoard = \in_array($dressing->spot->form(), [Form::Ledge, Form::Tiers, Form::Table, Form::Floor], true);
        $isShifted = static fn(PlacedPiece $one): bool => !$dressing->isOnWall($one);
        $weight = array_sum(array_map(static fn(PlacedPiece $one): float => $isShifted($one) ? $one->visualWeight() : 0.0, $dressing->placed));
        if (!$isOnBoard || $weight <= 0.0) {
            return $dressing;
        }
        $moments = $dressing->moments();
        $by = (int) round(($moments->left - $moments->right) / $weight * Length::TENTHS_PER_INCH);
        $shifted = new Dressing(
            $dressing->spot,
            array_map(
                static fn(PlacedPiece $one): PlacedPiece => $isShifted($one) ? $one->put($one->stance->leftAt($one->left + $by)) : $one,
                $dressing->placed,
            ),
        );

        return [] === $this->fit->faults($shifted) ? $shifted : $dressing;
    }

    /** The same pieces on another spot: places in proportion, postures as they go there, the rest found a place or left out. */
    public function onto(Dressing $dressing, Spot $spot, BalanceSchool $school): Rearranged
    {
        $new = new Dressing($spot, []);
        $leftOut = [];
        $placed = $dressing->placed;
        usort($placed, static fn(PlacedPiece $a, PlacedPiece $b): int => [self::order($a), $a->left, $a->id] <=> [self::order($b), $b->left, $b->id]);
        foreach ($placed as $piece) {
            $stance = $this->inProportion($piece, $dressing->spot, $new) ?? $this->places->find($new, $piece->piece, $school, $piece->count);
            if (null === $stance) {
                $leftOut[] = $piece->piece;
                continue;
            }
            $new = $new->with(new PlacedPiece($piece->id, $piece->piece, $piece->count, $stance));
        }

        return new Rearranged($new, $leftOut);
    }

    /** Null when it does not go there as it was. */
    private function inProportion(PlacedPiece $piece, Spot $from, Dressing $onto): ?Stance
    {
        $isAlike = $from->form() === $onto->spot->form()
            && $from->isUpright() === $onto->spot->isUpright()
            && 0 === $onto->spot->sides(); // over a doorway it is hung anew
        if (!$isAlike || !$onto->spot->takes($piece->piece->kind, $piece->posture)) {
            return null;
        }
        $left = (int) round($piece->centre / $from->width->tenths() * $onto->spot->width->tenths() - $piece->width / 2);
        $left = max(0, min($left, $onto->spot->width->tenths() - $piece->width));
        $stance = $piece->stanceAt($left, $piece->layer, $piece->raise, min($piece->tier, $onto->spot->tierCount() - 1))
            ->on($onto->spot, $piece->piece->kind);

        return $this->fit->isFree(new PlacedPiece('try', $piece->piece, $piece->count, $stance), $onto) ? $stance : null;
    }

    /** What others stand on, in or on comes first, what is in or on them last. */
    private static function order(PlacedPiece $piece): int
    {
        return match ($piece->posture) {
            Posture::Lies, Posture::Carries, Posture::Drapes => 0,
            Posture::Fills, Posture::Trims => 2,
            default => Layer::Back === $piece->layer ? 0 : 1,
        };
    }
}
