<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Surroundings;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Kept;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;

/** What cannot be: over an edge, too tall, too deep, where it must stay clear, two things in one place (docs/rules.md, rule 1). */
final readonly class PhysicalFit implements CoachRule
{
    /** Cushions in one row may press into one another by this part of the narrower. */
    private const SOFT_OVERLAP = 0.4;
    /** Greenery and what gives way keeps this part of its depth beside something else. */
    private const SOFT_DEPTH = 0.6;

    /** A foot: what is lower is on the floor as good as. */
    private const WELL_UP = 12 * Length::TENTHS_PER_INCH;

    public function __construct(private Surroundings $surroundings = new Surroundings()) {}

    public function isAbout(): Check
    {
        return Check::Room;
    }

    public function check(Dressing $dressing, Judgement $by): Finding
    {
        $faults = $this->faults($dressing);

        return new Finding(
            Check::Room,
            [] === $faults ? Verdict::Good : Verdict::Fix,
            ['faults' => \count($faults), 'surface' => $dressing->spot->kind->surface()],
            $faults,
        );
    }

    /** @return list<Fault> what cannot be, piece by piece */
    public function faults(Dressing $dressing): array
    {
        $faults = [];
        $solid = $dressing->solid();
        $others = 0;
        foreach ($dressing->placed as $placed) {
            array_push($faults, ...$this->alone($placed, $dressing->spot));
            if ($placed === ($solid[$others] ?? null)) {
                array_push($faults, ...$this->withOthers($placed, \array_slice($solid, ++$others), $dressing->spot));
            }
        }

        return $faults;
    }

    /** Whether one more piece would go here as it is tried. */
    public function isFree(PlacedPiece $tried, Dressing $dressing): bool
    {
        return $this->isWithin($tried, $dressing->spot)
            && !self::liesOnItsLike($tried, $dressing)
            && $this->isClearOf($tried, $tried->layer, $this->meeting($tried, $dressing), $dressing->spot);
    }

    /** A tray lies on a runner, and nobody lays a napkin on a napkin to be seen. */
    private static function liesOnItsLike(PlacedPiece $tried, Dressing $dressing): bool
    {
        foreach (Posture::Lies === $tried->posture ? $dressing->placed : [] as $other) {
            $isLike = Posture::Lies === $other->posture && $other->piece->kind === $tried->piece->kind && $other->tier === $tried->tier;
            if ($isLike && $tried->overlapsAcross($other)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a spot takes it as it is put, were nothing else there; nothing is tried above a usual ceiling. */
    public function isWithin(PlacedPiece $tried, Spot $spot): bool
    {
        return $tried->top <= ($spot->underCeiling() ?? \PHP_INT_MAX) && [] === $this->alone($tried, $spot);
    }

    /** @return list<PlacedPiece> what stands where one more piece is tried, in whatever layer */
    public function meeting(PlacedPiece $tried, Dressing $dressing): array
    {
        $meeting = [];
        foreach ($tried->isSolid() ? $dressing->solid() : [] as $other) {
            // Asked first, since most things stand elsewhere.
            if ($tried->left < $other->right && $other->left < $tried->right && $this->meets($tried, $other, $dressing->spot)) {
                $meeting[] = $other;
            }
        }

        return $meeting;
    }

    /**
     * Whether it may stand in a layer beside what it meets there.
     *
     * @param list<PlacedPiece> $meeting what stands there
     */
    public function isClearOf(PlacedPiece $tried, Layer $layer, array $meeting, Spot $spot): bool
    {
        foreach ($meeting as $other) {
            if ($this->clash($tried, $layer, $other, $spot)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Fault> */
    private function alone(PlacedPiece $placed, Spot $spot): array
    {
        $form = $spot->form();
        if (Form::Cone === $form && Posture::Stands !== $placed->posture) {
            return [];
        }
        $faults = [];
        $hangs = match (true) {
            0 === $spot->sides() => 0,
            Posture::Drapes === $placed->posture, $placed->isWoven() => $spot->sides(),
            default => intdiv($placed->width, 2), // a bow at a corner
        };
        $over = max(-$placed->left - $hangs, $placed->right - $spot->width->tenths() - $hangs, -$placed->raise);
        if ($over > 0 && (!$placed->fallsOverTheEnds() || Form::Run === $form)) {
            $faults[] = Fault::of('over the edge', ['by' => Length::ofTenths($over)], $placed);
        }
        $clear = Form::Cone === $form ? $spot->clearHeight?->tenths() : $spot->clearOver($placed->tier);
        if (null !== $clear && $placed->top > $clear && !$this->hangsDown($placed, $spot)) {
            $faults[] = Fault::of('too tall', ['by' => Length::ofTenths($placed->top - $clear)], $placed);
        }
        $lowest = 0 === $placed->drop
            ? 0
            : $spot->baseAt($placed->tier, $placed->centre) + $placed->raise - $placed->drop + $spot->ledgeHeight->tenths();
        if ($lowest < 0) {
            $faults[] = Fault::of('on the floor', ['by' => Length::ofTenths(-$lowest)], $placed);
        }
        $trailing = $this->trailing($placed, $spot);
        if ($trailing > 0) {
            $faults[] = Fault::of('ends on the floor', ['by' => Length::ofTenths($trailing)], $placed);
        }
        $deeper = $placed->depth - $spot->depth->tenths();
        if ($deeper > 0 && $this->surroundings->needsDepth($placed, $spot)) {
            $faults[] = Fault::of('too deep', ['by' => Length::ofTenths($deeper)], $placed);
        }
        if ($placed->tier >= $spot->tierCount()) {
            $faults[] = Fault::of('no such board', ['boards' => $spot->tierCount()], $placed);
        }
        $leavesClear = (Form::Table === $form && !$placed->isSolid()) || (Form::Panel !== $form && $spot->isOnWall($placed->piece->kind, $placed->posture));
        foreach ($leavesClear ? [] : $spot->keepClear as $zone) {
            if ($placed->left < $zone->to->tenths() && $zone->from->tenths() < $placed->right) {
                $faults[] = Fault::of('in the way', ['reason' => $zone->reason], $placed);
            }
        }

        return $faults;
    }

    /** How much of what falls over an end lies on the floor; what is near the floor anyway may. */
    private function trailing(PlacedPiece $placed, Spot $spot): int
    {
        $high = $spot->ledgeHeight->tenths() + $spot->tierHeight($placed->tier);
        $hasEnds = \in_array($spot->form(), [Form::Ledge, Form::Tiers, Form::Table], true) && $high >= self::WELL_UP;

        return $hasEnds && $placed->fallsOverTheEnds() ? max(-$placed->left, $placed->right - $spot->width->tenths()) - $high : 0;
    }

    /**
     * @param list<PlacedPiece> $others that take room of their own, as it does
     *
     * @return list<Fault>
     */
    private function withOthers(PlacedPiece $placed, array $others, Spot $spot): array
    {
        $faults = [];
        foreach ($others as $other) {
            $isThere = $placed->left < $other->right && $other->left < $placed->right && $this->meets($placed, $other, $spot);
            if ($isThere && $this->clash($placed, $placed->layer, $other, $spot)) {
                $faults[] = Fault::of('same place', [], $placed, $other);
            }
        }

        return $faults;
    }

    /** Of two that overlap across: whether they do so on one board and in height, too. */
    private function meets(PlacedPiece $one, PlacedPiece $two, Spot $spot): bool
    {
        // What hangs from the edge is under what stands on it.
        return $one->tier === $two->tier
            && $one->raise < $two->top
            && $two->raise < $one->top
            && $this->hangsDown($one, $spot) === $this->hangsDown($two, $spot);
    }

    private function clash(PlacedPiece $one, Layer $layer, PlacedPiece $two, Spot $spot): bool
    {
        $across = min($one->right, $two->right) - max($one->left, $two->left);

        $hung = ($spot->isOnWall($one->piece->kind, $one->posture) ? 1 : 0) + ($spot->isOnWall($two->piece->kind, $two->posture) ? 1 : 0);

        return match (true) {
            Form::Seat === $spot->form() => $layer === $two->layer
                && $across > self::SOFT_OVERLAP * min($one->width / $one->count, $two->width / $two->count),
            Form::Panel === $spot->form(), 2 === $hung => true,
            0 === $hung && $layer === $two->layer => true,
            default => self::bodyDepth($one) + self::bodyDepth($two) > $spot->depth->tenths(), // one before the other, or before the wall
        };
    }

    private static function bodyDepth(PlacedPiece $placed): float
    {
        return $placed->depth * (Kept::Soft === $placed->piece->kind->facts()->kept || $placed->piece->isOf(Texture::Greenery) ? self::SOFT_DEPTH : 1.0);
    }

    private function hangsDown(PlacedPiece $placed, Spot $spot): bool
    {
        return $spot->hangsDown($placed->piece->kind, $placed->posture);
    }
}
