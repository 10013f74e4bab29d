<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

use BrightCupboard\Core\Sizing\Cell;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * How long cells last in what they light: capacity = draw × hours a day × days.
 *
 * The draws by kind are from memory; a care that says them comes first ("3 AA, 40 mA, 8 h a day"). Cells of such things lie in series:
 * more of them give more volts, not more hours. Six hours a day is what a usual timer does (memory).
 */
final readonly class CellLife
{
    /** In mA. */
    private const DRAW_OF_LIGHTS = 60;
    private const DRAW_OF_A_FLAME = 15;
    private const HOURS = 6.0;
    private const LONGEST = 366;

    private function __construct(private Cell $cell, private int $draw, private float $hours) {}

    /** @return self|null null where its care names no cells */
    public static function of(PieceKind $kind, string $care): ?self
    {
        if (1 !== preg_match('/\b\d+\s*[x×]?\s*(AAA|AA|C|D)\b|\b(AAA|AA|9\s?V|CR2032|CR2025|LR44)\b/u', $care, $named)) {
            return null;
        }
        $cell = str_replace(' ', '', '' !== $named[1] ? $named[1] : $named[2]);
        $draw = 1 === preg_match('/\b(\d{1,4})\s*mA\b/u', $care, $said)
            ? max(1, (int) $said[1])
            : (PieceKind::Lights === $kind ? self::DRAW_OF_LIGHTS : self::DRAW_OF_A_FLAME);
        $hours = 1 === preg_match('/\b(\d{1,2}(?:[.,]\d)?)\s*h(?:ours?|rs?)?\s*(?:a|per|each)\s*(?:day|night|evening)\b/iu', $care, $said)
            ? (float) str_replace(',', '.', $said[1])
            : self::HOURS;

        return new self(Cell::from($cell), $draw, max(0.1, min(24.0, $hours)));
    }

    /** Whole days until they are empty: 1 to 366. */
    public function days(): int
    {
        return max(1, min(self::LONGEST, (int) floor($this->cell->capacity() / ($this->draw * $this->hours))));
    }
}
