<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/**
 * Reads many lines at once, as they are pasted from a note: bullets are left out, and a line that only names a place, such as
 * "Attic A2:", says where those below it lie.
 */
final readonly class IntakeLines
{
    public const MOST = 200;

    public function __construct(private IntakeLine $reader) {}

    /** @return list<array{line: string, reading: IntakeReading, under: string|null}> under: key of the place of the heading above */
    public function read(string $text): array
    {
        $lines = preg_split('/\R/u', $text, -1, \PREG_SPLIT_NO_EMPTY);
        $read = [];
        $under = null;
        foreach (false === $lines ? [] : $lines as $line) {
            $line = trim((string) preg_replace('/^\s*(?:[-*•·–]|\d{1,2}[.)](?=\s)|\[[ x]?\])\s*/u', '', $line));
            $place = 1 === preg_match('/^(.{1,60}?)\s*:$/u', $line, $match) ? $this->reader->placeOf($match[1]) : null;
            if (null !== $place) {
                $under = $place;
            } elseif ('' !== $line && \count($read) < self::MOST) {
                $read[] = ['line' => $line, 'reading' => $this->reader->read($line), 'under' => $under];
            }
        }

        return $read;
    }
}
