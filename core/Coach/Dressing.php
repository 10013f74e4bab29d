<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Surface\Spot;

/** A spot and what stands on it. */
final readonly class Dressing
{
    /** @param list<PlacedPiece> $placed */
    public function __construct(public Spot $spot, public array $placed) {}

    public function with(PlacedPiece $piece): self
    {
        return new self($this->spot, [...$this->placed, $piece]);
    }

    /** @return list<PlacedPiece> left to right, without what lies or runs under the others */
    public function standing(): array
    {
        $standing = array_values(array_filter($this->placed, static fn(PlacedPiece $piece): bool => !$piece->piece->kind->facts()->isUnderOthers()));
        usort($standing, static fn(PlacedPiece $a, PlacedPiece $b): int => [$a->centre, $a->id] <=> [$b->centre, $b->id]);

        return $standing;
    }

    /** Moments of visual weight about the middle of the ledge, left and right, in square inches × inches. */
    public function moments(): Moments
    {
        $axis = $this->spot->width->tenths() / 2;
        $left = $right = 0.0;
        foreach ($this->placed as $piece) {
            $moment = $piece->visualWeight() * ($piece->centre - $axis) / 254;
            $moment < 0 ? $left -= $moment : $right += $moment;
        }

        return new Moments($left, $right);
    }
}
