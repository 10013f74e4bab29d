<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;

/** What must not be at a spot for what is near it, and what cannot be there for its size, whatever it looks like. */
final readonly class Surroundings
{
    /** Within reach of small children, 36 in above the floor (common practice). */
    private const REACH = 36 * Length::TENTHS_PER_INCH;
    /** A garland may be half as long again as what it lies on (common practice). */
    private const MOST_DRAPED = 1.5;

    /** @param int $tier the board it is on */
    public function objection(Piece $piece, Spot $spot, int $tier = 0): ?Objection
    {
        if ([] === $spot->hazards) {
            return null;
        }
        $inReach = $spot->has(SpotHazard::Children) && $spot->ledgeHeight->tenths() + $spot->tierHeight($tier) < self::REACH;
        $has = static fn(Hazard $hazard): bool => \in_array($hazard, $piece->hazards, true);

        return match (true) {
            $inReach && ($has(Hazard::SmallParts) || $has(Hazard::ButtonCells)) => Objection::SmallParts,
            $inReach && $has(Hazard::Breakable) => Objection::BreaksInReach,
            $inReach && $piece->hasFlame() => Objection::FlameInReach,
            $spot->has(SpotHazard::Pets) && $has(Hazard::ToxicToPets) => Objection::ToxicToPets,
            $spot->has(SpotHazard::Heat) && $piece->burns() && $piece->hasFlame() => Objection::FlameByHeat,
            $spot->has(SpotHazard::Heat) && PieceKind::Tree === $piece->kind && \in_array(
                Material::FreshGreenery,
                $piece->materials,
                true,
            ) => Objection::DriesByHeat,
            $spot->has(SpotHazard::Weather) && ($piece->isOf(Texture::Textile) || $piece->isOf(Texture::Paper)) => Objection::SpoilsInWeather,
            $spot->has(SpotHazard::Steam) && $piece->isOf(Texture::Paper) => Objection::SpoilsInSteam,
            default => null,
        };
    }

    /** Whether it goes here by posture and size alone; on tiers the roomiest board is asked. */
    public function sizeObjection(Piece $piece, Spot $spot): ?Objection
    {
        $posture = $spot->postureOf($piece->kind);

        return null === $posture ? Objection::Posture : $this->sizeObjectionTo(
            PlacedPiece::tried('try', $piece, 1, $spot, $posture),
            $spot,
        );
    }

    /** The same for a piece in the posture in which it would be put. */
    public function sizeObjectionTo(PlacedPiece $put, Spot $spot): ?Objection
    {
        $posture = $put->posture;
        if (Form::Cone === $spot->form() && Posture::Stands !== $posture) {
            return null;
        }
        $mostWidth = $spot->sides() > 0 && ($put->fallsOverTheEnds() || $put->isWoven())
            ? $spot->width->tenths() + 2 * $spot->sides()
            : $spot->width->tenths() * ($put->fallsOverTheEnds() ? self::MOST_DRAPED : 1);

        return match (true) {
            $put->isTooShortToDrape() => Objection::TooShort,
            Posture::Stands === $posture && $put->piece->needsHolder() => Objection::NeedsHolder,
            $spot->layout->seats > 0 && self::isOfASetting($put) => Objection::OfASetting,
            $put->width > $mostWidth => Objection::TooWide,
            $this->needsDepth($put, $spot) && $put->depth > $spot->depth->tenths() => Objection::TooDeep,
            $this->isTooTall($put, $spot) => Objection::TooTall,
            default => null,
        };
    }

    /** Cloth and what hangs falls over the edge; on panel, run, seat and tree there is no edge. */
    public function needsDepth(PlacedPiece $put, Spot $spot): bool
    {
        $hasEdge = \in_array($spot->form(), [Form::Ledge, Form::Tiers, Form::Table, Form::Floor], true);

        return $hasEdge && !$put->piece->kind->facts()->isLaidOut() && ($put->isSolid() || Posture::Lies === $put->posture) && Posture::Hangs !== $put->posture;
    }

    /** Whether it is what somebody eats from. */
    private static function isOfASetting(PlacedPiece $put): bool
    {
        $isPlate = PieceKind::Plate === $put->piece->kind && !$put->piece->isPlatter();

        return Posture::Lies === $put->posture && ($isPlate || PieceKind::Napkin === $put->piece->kind);
    }

    private function isTooTall(PlacedPiece $put, Spot $spot): bool
    {
        if ($spot->hangsDown($put->piece->kind, $put->posture)) {
            return false; // from the edge, downwards
        }
        $clear = Form::Cone === $spot->form() ? $spot->clearHeight?->tenths() : $spot->mostClear();

        return $put->height > ($clear ?? $spot->underCeiling() ?? \PHP_INT_MAX);
    }
}
