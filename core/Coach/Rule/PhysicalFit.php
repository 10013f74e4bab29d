<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Surface\Spot;

/** What cannot be: over an edge, too tall, too deep, in a stretch to keep clear, two things in one place (docs/rules.md, rule 1). */
final readonly class PhysicalFit implements CoachRule
{
    public const CODE = 'fit.physical';

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if ([] === $dressing->placed) {
            return null;
        }
        $said = [];
        $about = [];
        foreach ($dressing->placed as $i => $placed) {
            $clashes = [
                ...$this->alone($placed, $dressing->spot, $by->lengths),
                ...$this->withOthers($placed, \array_slice($dressing->placed, $i + 1)),
            ];
            if ([] !== $clashes) {
                $said = [...$said, ...$clashes];
                $about[] = $placed->id;
            }
        }

        return new Finding(
            self::CODE,
            'Room for it',
            [] === $said ? Verdict::Good : Verdict::Fix,
            [] === $said ? 'everything fits' : sprintf('%d %s not fit', \count($said), 1 === \count($said) ? 'thing does' : 'things do'),
            null === $dressing->spot->clearHeight ? 'inside its edges' : 'inside its edges, under the clear height',
            [] === $said ? 'Nothing hangs over, touches what is above, or stands in the way.' : implode(' ', $said),
            null,
            $about,
        );
    }

    /** @return list<string> */
    private function alone(PlacedPiece $placed, Spot $spot, LengthText $lengths): array
    {
        $said = [];
        $name = $placed->piece->name;
        $over = max(-$placed->left, $placed->right - $spot->width->tenths());
        if ($over > 0) {
            $said[] = sprintf('%s hangs %s over the edge.', $name, $lengths->write(Length::ofTenths($over)));
        }
        if (null !== $spot->clearHeight && $placed->top > $spot->clearHeight->tenths()) {
            $said[] = sprintf('%s is %s too tall for the clear height.', $name, $lengths->write(Length::ofTenths($placed->top - $spot->clearHeight->tenths())));
        }
        $deeper = $placed->piece->size->depth->tenths() - $spot->depth->tenths();
        if ($deeper > 0 && !$spot->isHung()) {
            $said[] = sprintf('%s is %s deeper than the %s.', $name, $lengths->write(Length::ofTenths($deeper)), $spot->kind->surface());
        }
        foreach ($spot->keepClear as $zone) {
            if ($placed->left < $zone->to->tenths() && $zone->from->tenths() < $placed->right) {
                $said[] = sprintf('%s stands where it must stay clear (%s).', $name, $zone->reason);
            }
        }

        return $said;
    }

    /**
     * @param list<PlacedPiece> $others
     *
     * @return list<string>
     */
    private function withOthers(PlacedPiece $placed, array $others): array
    {
        $said = [];
        foreach ($others as $other) {
            $isGround = $placed->piece->kind->facts()->isUnderOthers() || $other->piece->kind->facts()->isUnderOthers();
            $upright = $placed->raise < $other->top && $other->raise < $placed->top;
            if (!$isGround && $upright && $placed->layer === $other->layer && $placed->overlapsAcross($other)) {
                $said[] = sprintf('%s and %s stand in the same place: move one, or give it another layer.', $placed->piece->name, $other->piece->name);
            }
        }

        return $said;
    }
}
