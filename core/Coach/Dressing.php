<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;

/** A spot and what is put there. */
final class Dressing
{
    /** Tops within a tenth of each other are alike. */
    private const ALIKE = 0.9;
    private const ROW_FROM = 3;
    /** Gaps that differ by an inch are even to the eye. */
    private const EVEN = 254;

    /** @var list<PlacedPiece>|null worked out once, as is what takes room: every check and every place that is tried asks for them */
    private ?array $standing = null;
    /** @var list<PlacedPiece>|null */
    private ?array $solid = null;
    /** @var list<PlacedPiece>|null */
    private ?array $hung = null;
    /** @var list<PlacedPiece>|null */
    private ?array $shown = null;
    /** @var list<list<PlacedPiece>>|null */
    private ?array $byTier = null;
    private ?Moments $moments = null;
    private ?float $weight = null;

    /** @param list<PlacedPiece> $placed */
    public function __construct(public readonly Spot $spot, public readonly array $placed) {}

    /** With one more; what is known of the rest is not worked out again, for that is how everything is tried. */
    public function with(PlacedPiece $piece): self
    {
        $more = new self($this->spot, [...$this->placed, $piece]);
        $more->moments = $this->moments?->and($this->momentOf($piece));
        $more->weight = null === $this->weight ? null : $this->weight + $piece->visualWeight();
        $more->solid = null !== $this->solid && $piece->isSolid() ? [...$this->solid, $piece] : $this->solid;

        return $more;
    }

    public function without(string $id): self
    {
        return new self($this->spot, array_values(array_filter($this->placed, static fn(PlacedPiece $piece): bool => $piece->id !== $id)));
    }

    public function replacing(PlacedPiece $piece): self
    {
        return new self($this->spot, array_map(static fn(PlacedPiece $one): PlacedPiece => $one->id === $piece->id ? $piece : $one, $this->placed));
    }

    /** @return list<PlacedPiece> left to right, without what lies, drapes, trims, fills, hangs over it or is hidden under another */
    public function standing(): array
    {
        if (null !== $this->standing) {
            return $this->standing;
        }
        $standing = $centres = $ids = [];
        $carrying = $this->carrying();
        foreach ($this->solid() as $piece) {
            if ((Posture::Hangs !== $piece->posture || Form::Panel === $this->spot->form()) && !$carrying->isRiser($piece)) {
                $standing[] = $piece;
                $centres[] = $piece->centre;
                $ids[] = $piece->id;
            }
        }
        array_multisort($centres, \SORT_ASC, \SORT_NUMERIC, $ids, \SORT_ASC, \SORT_STRING, $standing);

        return $this->standing = $standing;
    }

    /** @return list<PlacedPiece> what hangs on the wall here: all of it on a panel, otherwise what hangs over the ledge */
    public function hung(): array
    {
        return $this->hung ??= Form::Panel === $this->spot->form() ? $this->standing() : array_values(array_filter($this->placed, $this->isOnWall(...)));
    }

    /** @return list<PlacedPiece> what stands, and what hangs over it */
    public function shown(): array
    {
        return $this->shown ??= Form::Panel === $this->spot->form() || [] === $this->hung() ? $this->standing() : [...$this->standing(), ...$this->hung()];
    }

    /** Whether it hangs on the wall here. */
    public function isOnWall(PlacedPiece $piece): bool
    {
        return $this->spot->isOnWall($piece->piece->kind, $piece->posture);
    }

    /** Whether it hangs down from the edge, the rail or the tree. */
    public function hangsDown(PlacedPiece $piece): bool
    {
        return $this->spot->hangsDown($piece->piece->kind, $piece->posture);
    }

    /** How high its lower edge is over its board, in tenths of a millimetre; under it for what hangs down from it. */
    public function foot(PlacedPiece $piece): int
    {
        return $this->hangsDown($piece) ? $piece->raise - $piece->height : $piece->raise;
    }

    /** @return list<PlacedPiece> what takes room of its own, in the order in which it was put here */
    public function solid(): array
    {
        return $this->solid ??= array_values(array_filter($this->placed, static fn(PlacedPiece $piece): bool => $piece->isSolid()));
    }

    /** Whether it leans behind something that stands before it: seen as the ground of that, not as one of the group. */
    public function isBackdrop(PlacedPiece $piece): bool
    {
        if (Posture::Leans !== $piece->posture) {
            return false;
        }
        foreach ($this->placed as $other) {
            if (
                $other !== $piece
                && $other->isSolid()
                && $other->tier === $piece->tier
                && $other->overlapsAcross($piece)
                && $other->layer->depthShare() > $piece->layer->depthShare()
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<PlacedPiece> $standing
     *
     * @return list<PlacedPiece> without what leans behind others
     */
    public function inFront(array $standing): array
    {
        return array_values(array_filter($standing, fn(PlacedPiece $piece): bool => !$this->isBackdrop($piece)));
    }

    /** @return list<list<PlacedPiece>> what stands, board by board from the lowest, bare boards left out */
    public function byTier(): array
    {
        if (null !== $this->byTier) {
            return $this->byTier;
        }
        $tiers = [];
        foreach ($this->standing() as $piece) {
            $tiers[$piece->tier][] = $piece;
        }
        ksort($tiers);

        return $this->byTier = array_values($tiers);
    }

    /**
     * Alike and in a row on purpose: pots on a sill, plates in a rack. From three units of one kind, their tops alike.
     *
     * @param list<PlacedPiece> $standing
     */
    public function isRow(array $standing): bool
    {
        if ([] === $standing || self::units($standing) < self::ROW_FROM) {
            return false;
        }
        $lowest = $highest = $standing[0]->top;
        foreach ($standing as $piece) {
            if ($piece->piece->kind !== $standing[0]->piece->kind) {
                return false;
            }
            $lowest = min($lowest, $piece->top);
            $highest = max($highest, $piece->top);
        }

        return $lowest >= self::ALIKE * $highest && self::areEven($standing);
    }

    /** @param list<PlacedPiece> $standing left to right */
    private static function areEven(array $standing): bool
    {
        $gaps = [];
        for ($i = 1; $i < \count($standing); ++$i) {
            $gaps[] = $standing[$i]->left - $standing[$i - 1]->right;
        }

        return [] === $gaps || max($gaps) - min($gaps) <= self::EVEN;
    }

    /** @param list<PlacedPiece> $pieces */
    public static function units(array $pieces): int
    {
        return array_sum(array_map(static fn(PlacedPiece $piece): int => $piece->count, $pieces));
    }

    /** The one thing that stands or hangs here, when it is one: it is judged as a statement and not as a group. */
    public function statement(): ?PlacedPiece
    {
        $shown = $this->shown();

        return 1 === \count($shown) && 1 === $shown[0]->count ? $shown[0] : null;
    }

    /** What carries what here. */
    public function carrying(): Carrying
    {
        return new Carrying($this);
    }

    /** The middle that it pulls about: what hangs on a wall is centred on all that is below it, what stands on what can be dressed. */
    public function axisOf(PlacedPiece $piece): float
    {
        return $this->isOnWall($piece) ? $this->spot->width->tenths() / 2 : $this->spot->middle();
    }

    /** Moments of visual weight about the middle of what can be dressed, left and right, in square inches × inches. */
    public function moments(): Moments
    {
        if (null !== $this->moments) {
            return $this->moments;
        }
        $moments = new Moments(0.0, 0.0);
        foreach ($this->placed as $piece) {
            $moments = $moments->and($this->momentOf($piece));
        }

        return $this->moments = $moments;
    }

    /** To the left of its middle it is negative. */
    private function momentOf(PlacedPiece $piece): float
    {
        return $piece->visualWeight() * ($piece->centre - $this->axisOf($piece)) / Length::TENTHS_PER_INCH;
    }

    /** In square inches, as of each piece. */
    public function visualWeight(): float
    {
        return $this->weight ??= array_sum(array_map(static fn(PlacedPiece $one): float => $one->visualWeight(), $this->placed));
    }

    /** Where things are on boards and bands; of a tree on itself. */
    public function heights(): Heights
    {
        return new Heights($this);
    }

    /** The tree, where one is dressed: what stands there, while all else is on it. */
    public function tree(): ?PlacedPiece
    {
        foreach (Form::Cone === $this->spot->form() ? $this->placed : [] as $one) {
            if (Posture::Stands === $one->posture) {
                return $one;
            }
        }

        return null;
    }
}
