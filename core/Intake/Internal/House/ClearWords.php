<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Surface\InvalidSpot;
use BrightCupboard\Core\Surface\KeepClear;

/**
 * What has to stay usable of a spot: "kettle on the right 18 in", "keep 40 to 60 clear for the keys", "left 6 in clear".
 *
 * @internal
 */
final class ClearWords
{
    private const IN_USE = 'in use';
    private const END = '(?:on|at|in)?\s*(?:the\s+)?(?<end>left|right|middle|cent(?:re|er)|(?:both|each|either)(?=\s+(?:end|side)))'
        . '(?:\s+(?:ends?|sides?|hand side))?';
    private const CLEAR = '(?:\s+(?:(?:(?:must|should|has\s+to|needs?\s+to)\s+)?(?:be|is|kept|keeps?|stays?)\s+)?(?:clear|free))';
    private const WHY = '(?:\s+(?:for|because of)\s+(?:the\s+|an?\s+)?(?<why>\pL[\pL\s\'’-]{1,40}))?';
    private const WHAT = '(?:the\s+|an?\s+)?(?<why>\pL+(?:\s\pL+){0,2}?)(?:\s+(?:stays|stands|is|lives|takes|needs|uses))?';

    /** @var list<array{'left'|'right'|'middle'|'both'|null, Length, Length|null, string}> end, how much of it or from where, to where, why */
    private array $said = [];
    private LengthText $lengths;

    public function __construct(LengthUnit $unit)
    {
        $this->lengths = new LengthText($unit);
    }

    /**
     * @param list<string> $phrases of a line
     *
     * @return list<string> those that say something else; the first one, which names the spot, always does
     */
    public function take(array $phrases): array
    {
        $number = '(?:' . SpotMeasures::NUMBER . ')\s*' . SpotMeasures::UNIT;
        $of = "(?<of>{$number})";
        $patterns = [
            "(?:keep|leave)\\s+(?:(?:clear|free)\\s+)?(?:from\\s+)?{$of}\\s*(?:to|-|–)\\s*(?<to>{$number})" . self::CLEAR . '?' . self::WHY,
            '(?:(?:keep|leave)\s+)?' . self::END . "\\s+{$of}" . self::CLEAR . self::WHY,
            '(?:keep|leave)\s+' . self::END . self::CLEAR . "\\s+{$of}" . self::WHY,
            '(?:keep|leave)\s+(?:clear|free)' . self::WHY . "\\s+{$of}\\s+" . self::END,
            '(?:keep|leave)\s+(?:clear|free)\s+' . self::END . "\\s+{$of}" . self::WHY,
            "(?:keep|leave)\\s+{$of}" . self::CLEAR . '?\s+' . self::END . self::CLEAR . '?' . self::WHY,
            $of . self::CLEAR . '\s+' . self::END . self::WHY,
            self::WHAT . self::CLEAR . "\\s+{$of}\\s+" . self::END,
            self::WHAT . '\s+' . self::END . "[\\s:]*{$of}(?:\\s+wide)?",
            self::WHAT . "\\s+{$of}(?:\\s+wide)?\\s+" . self::END,
        ];
        return array_values(array_filter(
            $phrases,
            fn(string $phrase, int $i): bool => 0 === $i || !$this->isSaid($patterns, $phrase),
            \ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * @return list<KeepClear> from left to right as they were said
     *
     * @throws InvalidSpot when nothing of the spot is left, or a stretch ends before it begins
     */
    public function on(Length $width): array
    {
        $zones = [];
        foreach ($this->said as [$end, $of, $to, $why]) {
            $rest = $width->tenths() - $of->tenths();
            if (null !== $end && $rest <= ('both' === $end ? $of->tenths() : 0)) {
                throw InvalidSpot::nothingLeft($why);
            }
            $stretches = match ($end) {
                'left' => [[0, $of->tenths()]],
                'right' => [[$rest, $width->tenths()]],
                'middle' => [[intdiv($rest, 2), intdiv($rest, 2) + $of->tenths()]],
                'both' => [[0, $of->tenths()], [$rest, $width->tenths()]],
                null => [[$of->tenths(), ($to ?? $width)->tenths()]],
            };
            foreach ($stretches as [$from, $until]) {
                $zones[] = new KeepClear(Length::ofTenths($from), Length::ofTenths($until), $why);
            }
        }

        return $zones;
    }

    /** @param list<string> $patterns */
    private function isSaid(array $patterns, string $phrase): bool
    {
        foreach ($patterns as $pattern) {
            if (1 !== preg_match("/^{$pattern}$/iu", $phrase, $match)) {
                continue;
            }
            try {
                $this->said[] = [
                    match (mb_strtolower($match['end'] ?? '')) {
                        'left' => 'left',
                        'right' => 'right',
                        'middle', 'centre', 'center' => 'middle',
                        'both', 'each', 'either' => 'both',
                        default => null,
                    },
                    $this->lengths->read($match['of']),
                    isset($match['to']) ? $this->lengths->read($match['to']) : null,
                    '' === trim($match['why'] ?? '') ? self::IN_USE : mb_strtolower(trim($match['why'])),
                ];

                return true;
            } catch (InvalidMeasure) {
                continue;
            }
        }

        return false;
    }
}
