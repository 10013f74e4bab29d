<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Surface\SpotKind;

/**
 * The words people write for rooms.
 *
 * @internal
 */
final readonly class RoomWords
{
    private const ROOMS = 'hall|hallway|kitchen|parlour|parlor|living room|sitting room|lounge|family room|great room|dining room|bedroom|bathroom'
        . '|bath|landing|study|office|nursery|den|entry|entryway|foyer|mudroom|laundry|laundry room|sunroom|conservatory|guest room|library|pantry'
        . '|utility|playroom|snug|cloakroom|powder room|loft|verandah?|veranda|breakfast room|morning room|music room|drawing room|lobby'
        . '|vestibule|boot room|scullery|attic room|basement|garage';
    /** By themselves a room to walk into; with a measure a place that is dressed. */
    private const OUTSIDE = '/^(?:the\s+)?(?:(?:front|back|side|covered|screened)\s+)?(?:porch|patio|deck|terrace|balcony|verandah?|garden|yard|courtyard)$/iu';
    private const CEILING = '/^(?:with\s+)?(?:the\s+)?[\d.,\s]*(?:ft|feet|foot|in|m|cm|[\'’′"″])*[\s-]*(?:high|tall)?\s*ceilings?\b'
        . '[^\pL]*(?:(?:ft|feet|foot|in|m|cm|are|is|at|high|tall)\b[^\pL]*)*$/iu';
    /** How rooms are shortened in a hurry. */
    private const SHORT = [
        'lr' => 'Living room', 'dr' => 'Dining room', 'br' => 'Bedroom', 'mbr' => 'Main bedroom', 'fr' => 'Family room', 'kit' => 'Kitchen',
        'ktchn' => 'Kitchen', 'ba' => 'Bathroom', 'bth' => 'Bathroom', 'bdrm' => 'Bedroom', 'bed rm' => 'Bedroom', 'bed room' => 'Bedroom',
        'liv room' => 'Living room', 'din room' => 'Dining room', 'fam room' => 'Family room', 'living' => 'Living room', 'dining' => 'Dining room',
        'powder' => 'Powder room', 'family' => 'Family room', 'sitting' => 'Sitting room', 'guest' => 'Guest room',
    ];

    /** Whether it is a room and nothing else: "hall", "bedroom 2", "the upstairs landing". */
    public static function isRoom(string $phrase): bool
    {
        $phrase = (string) preg_replace('/\brm\b/iu', 'room', trim($phrase));
        $pattern = '/^(?:the\s+)?(?:[\w’\']+\s+){0,2}(?:' . self::ROOMS . '|\w*room)(?:\s+\d+)?$/iu';

        return 1 === preg_match($pattern, $phrase) && null === SpotWords::kindIn($phrase) || null !== self::short($phrase);
    }

    /** Whether it tells how high a room is and nothing else. */
    public static function isCeiling(string $said): bool
    {
        return 1 === preg_match(self::CEILING, trim($said, ' ()'));
    }

    /** "LR" is the living room. */
    public static function inFull(string $name): string
    {
        $name = (string) preg_replace('/\brm\b/iu', 'room', trim($name));
        $name = mb_strlen($name) > 4 && mb_strtoupper($name) === $name ? mb_strtolower($name) : $name; // shouted

        return self::short($name) ?? mb_strtoupper(mb_substr($name, 0, 1)) . mb_substr($name, 1);
    }

    /** "LR" and "br 2" in full; null for what is not shortened. */
    private static function short(string $name): ?string
    {
        preg_match('/^(.*?)\s?(\d?)$/u', mb_strtolower(trim($name)), $match);
        $full = self::SHORT[$match[1] ?? ''] ?? null;

        return null === $full ? null : trim($full . ' ' . ($match[2] ?? ''));
    }

    /**
     * Parts a line into the room it names and what it says of it: behind a colon, or behind a comma where a room stands first.
     * "mantel: 60 x 8" names no room.
     *
     * @param string $room the room walked into last
     *
     * @return array{string, string} room and rest
     */
    public static function parted(string $line, string $room): array
    {
        $line = (string) preg_replace(['/\s+[-–—]+\s+/u', '/(?<=\pL\s)rm\b/iu'], [', ', 'room'], $line);
        if (self::isRoom($line) || 1 === preg_match(self::OUTSIDE, $line)) {
            return [self::inFull($line), ''];
        }
        if (1 === preg_match('/^([^,:;]{1,80})(?<!\s[hwdlHWDL]):(.*)$/u', $line, $match)) {
            [$before, $rest] = [trim($match[1]), trim($match[2], ' ,;')];
            $kind = self::isRoom($before) ? null : SpotWords::kindIn($before);
            $isSpot = '' !== $rest && null !== $kind && SpotKind::Porch !== $kind && (1 === preg_match('/^\d/', $rest) || !SpotWords::namesOne($rest));

            // "hutch 40 x 14, tiers: 12, 12 and 14" goes on where the colon is.
            $glue = 1 === preg_match('/\b' . TierWords::BOARDS . '$/iu', $before) ? ' ' : ', ';

            return $isSpot
                ? ['' === $room ? self::inFull($before) : $room, $before . $glue . $rest]
                : [self::inFull($before), self::withoutRoom($rest, self::inFull($before))];
        }
        if (1 === preg_match('/^([^,:;(]{1,80})(?:[,;]\s*|(?=\())(\S.*)$/u', $line, $match) && self::isRoom($match[1])) {
            return [self::inFull(trim($match[1])), trim($match[2])];
        }

        // "mantel in the den 60 x 7", "sofa table, living room": behind it, where no room stands first.
        $isBehind = 1 === preg_match('/^([^,:;\d]+?)\s+in\s+(?:the\s+|our\s+)?(' . self::ROOMS . ')(?=\s*(?:[,;\d]|$))(.*)$/iu', $line, $match)
            || 1 === preg_match('/^([^:;]+?),\s*(?:the\s+)?((?:\w+\s+){0,2}(?:' . self::ROOMS . '))()$/iu', $line, $match);
        if ($isBehind && self::isRoom($match[2]) && SpotWords::namesOne($match[1])) {
            return [self::inFull($match[2]), $match[1] . $match[3]];
        }

        // Letters that are no word: "LR mantel" names its room, "guest bed" does not.
        if (1 === preg_match('/^((?:lr|dr|br|mbr|fr|ktchn|bth|bdrm)(?:\s?\d)?)\s+(\pL.*)$/iu', $line, $match) && SpotWords::namesOne($match[2])) {
            return [self::inFull($match[1]), $match[2]];
        }

        return ['' === $room ? self::ofName($line) : $room, $line];
    }

    /** "lr: mantel in the living room 60 x 8": what is said twice is said once. */
    private static function withoutRoom(string $rest, string $room): string
    {
        return (string) preg_replace('/(?<=\pL)\s+in\s+(?:the\s+)?' . preg_quote($room, '/') . '(?=\s*(?:[,;\d]|$))/iu', '', $rest, 1);
    }

    /** The room that a name begins with, where no room was walked into: "kitchen window sill 36 x 5". */
    private static function ofName(string $line): string
    {
        return 1 === preg_match('/^(?:the\s+)?(' . self::ROOMS . ')\s+(?=\pL)/iu', $line, $match) ? self::inFull($match[1]) : '';
    }
}
