<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;

/** The usual cautions for a task; local codes and licensed practice decide. */
final readonly class Cautions
{
    /** What two people should carry, in grams (25 lb, common practice). */
    private const HEAVY_GRAMS = 11_340;
    private const FLAME_CLEARANCE = 12 * Length::TENTHS_PER_INCH;
    /** Above it one stands on a ladder (memory: 80 in is what most reach). */
    private const REACH = 80 * Length::TENTHS_PER_INCH;
    private const TALL_TREE = 66 * Length::TENTHS_PER_INCH;

    public function __construct(private LengthText $lengths = new LengthText(LengthUnit::Inch)) {}

    /**
     * @param list<array{Piece, int}> $handled
     * @param int                     $reach   from the floor, to what is hung; 0 where nothing is
     *
     * @return list<string>
     */
    public function forTask(Phase $phase, array $handled, ?Spot $spot, int $reach = 0): array
    {
        $said = [];
        foreach ($handled as [$piece, $units]) {
            foreach ($piece->hazards as $hazard) {
                $said[] = $this->forHazard($hazard, $phase, $spot);
            }
        }
        if ($this->effort(0, $handled, $spot, reach: $reach)->climbs) {
            $said[] = 'Ladder: three points of contact, a second person.';
        }
        if ($this->isHeavy($handled)) {
            $said[] = 'Over 25 lb: carry with two.';
        }

        return array_values(array_unique(array_filter($said, \is_string(...))));
    }

    /**
     * How many hands it takes and what they must be able to do.
     *
     * @param list<array{Piece, int}> $handled
     * @param int                     $reach   from the floor, to what is hung; 0 where nothing is
     */
    public function effort(int $minutes, array $handled, ?Spot $spot, int $laid = 0, int $byRule = 0, int $reach = 0): Effort
    {
        $climbs = [] !== $handled && max($spot?->ledgeHeight->tenths() ?? 0, $reach) > self::REACH;
        foreach ($handled as [$piece]) {
            $climbs = $climbs || \in_array(Hazard::NeedsLadder, $piece->hazards, true) || (
                PieceKind::Tree === $piece->kind
                && $piece->size->height->tenths() > self::TALL_TREE
            );
        }
        $lifts = $this->isHeavy($handled);

        return new Effort($minutes, $climbs || $lifts ? 2 : 1, $climbs, $lifts, $laid, $byRule);
    }

    private function forHazard(Hazard $hazard, Phase $phase, ?Spot $spot): ?string
    {
        $setsUp = Phase::SetUp === $phase;

        return match ($hazard) {
            Hazard::OpenFlame => $setsUp
                ? sprintf('Candles %s from anything that burns, never unattended (NFPA).', $this->lengths->write(Length::ofTenths(self::FLAME_CLEARANCE)))
                : null,
            Hazard::Breakable => Phase::Fetch === $phase || Phase::PackAway === $phase ? 'Breakable: wrap each, nothing heavy on top.' : null,
            Hazard::SmallParts => $setsUp && null !== $spot && $spot->has(SpotHazard::Children) ? 'Small parts: out of reach of small children.' : null,
            Hazard::ButtonCells => $setsUp ? 'Button cells: check the screwed cover, keep from small children.' : null,
            Hazard::ToxicToPets => $setsUp ? 'Toxic to pets: out of their reach.' : null,
            Hazard::Mains => $setsUp ? 'Cords: undamaged, not under rugs or through doors; at most the maker’s number end to end.' : null,
            Hazard::NeedsLadder => null,
        };
    }

    /** @param list<array{Piece, int}> $handled */
    private function isHeavy(array $handled): bool
    {
        foreach ($handled as [$piece]) {
            if ($piece->weight->grams() > self::HEAVY_GRAMS) {
                return true;
            }
        }

        return false;
    }
}
