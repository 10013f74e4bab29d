<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Internal\House\HouseNotation;
use BrightCupboard\Core\Intake\Internal\House\RoomWords;
use BrightCupboard\Core\Intake\Internal\House\SeveralTotes;
use BrightCupboard\Core\Intake\Internal\House\SpotLine;
use BrightCupboard\Core\Intake\Internal\House\ToteLine;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * Reads a walk through a house, a line at a time: "parlour: stove shelf, mantel 64 x 8 in, 54 high, 30 clear, heat", then
 * "window sill 36 x 5" for the next spot of the same room, and "A1 attic, 24 x 16 x 14" for a tote.
 *
 * What a line does not say is the usual of its kind and marked as not measured; words that are no measure and no kind are kept as a
 * note, a figure that is not understood is asked back. Nothing is dropped.
 */
final readonly class HouseLine
{
    /** How lists of lines begin, where they are pasted. */
    private const BULLET = '/^\s*(?:[-*•·–]+|\d{1,2}[.)])\s+(?=\D)/u';

    public function __construct(private LengthUnit $unit, private ColourNames $colours = new ColourNames()) {}

    /** @param string $room the room walked into last, for lines that name none */
    public function read(string $line, string $room): SpotReading|ToteReading
    {
        $line = trim((string) preg_replace(['/[\s\0]+/u', self::BULLET], [' ', ''], $line), ' ,;');
        $tote = (new ToteLine($this->unit))->read($line);
        if (null !== $tote) {
            return $tote;
        }
        $totes = SeveralTotes::read($line);
        if (null !== $totes) {
            return new SpotReading($room, null, 0, [$totes]);
        }
        [$room, $said] = RoomWords::parted($line, $room);
        if (RoomWords::isCeiling($said)) {
            return new SpotReading(RoomWords::inFull($room), null, 0, [], '', ['How high a room is belongs to the spots under it: “mantel, 9 ft ceiling”.']);
        }

        return (new SpotLine($this->unit, $this->colours))->read(RoomWords::inFull($room), HouseNotation::plain($said), $said);
    }
}
