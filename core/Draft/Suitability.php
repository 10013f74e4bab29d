<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;

/** What must not stand at a spot at all, whatever it looks like. */
final readonly class Suitability
{
    /** Within reach of small children, 36 in above the floor (common practice). */
    private const REACH = 36 * Length::TENTHS_PER_INCH;

    /** The reason it may not, or null when it may. */
    public function objection(Piece $piece, Spot $spot): ?string
    {
        if ([] === $spot->hazards) {
            return null;
        }
        $inReach = $spot->has(SpotHazard::Children) && $spot->ledgeHeight->tenths() < self::REACH;
        $has = static fn(Hazard $hazard): bool => \in_array($hazard, $piece->hazards, true);

        return match (true) {
            $inReach && ($has(Hazard::SmallParts) || $has(Hazard::ButtonCells)) => 'small parts within a child’s reach',
            $inReach && $has(Hazard::Breakable) => 'breaks, within a child’s reach',
            $inReach && $piece->hasFlame() => 'a flame within a child’s reach',
            $spot->has(SpotHazard::Pets) && $has(Hazard::ToxicToPets) => 'toxic to pets',
            $spot->has(SpotHazard::Heat) && $piece->burns() && $piece->hasFlame() => 'a flame by the heat',
            $spot->has(SpotHazard::Weather) && ($piece->isOf(Texture::Textile) || $piece->isOf(Texture::Paper)) => 'spoils in the weather',
            $spot->has(SpotHazard::Steam) && $piece->isOf(Texture::Paper) => 'spoils in steam',
            default => null,
        };
    }

    /** Whether it goes on the ledge by its size alone; hung spots do not limit the depth. */
    public function sizeObjection(Piece $piece, Spot $spot): ?string
    {
        return match (true) {
            $piece->size->width->tenths() > $spot->width->tenths() => 'wider than the ' . $spot->kind->surface(),
            !$spot->isHung() && $piece->size->depth->tenths() > $spot->depth->tenths() => 'deeper than the ' . $spot->kind->surface(),
            null !== $spot->clearHeight && $piece->size->height->tenths() > $spot->clearHeight->tenths() => 'too tall for the clear height',
            default => null,
        };
    }
}
