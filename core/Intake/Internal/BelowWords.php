<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;

/** How large the furniture is that something hangs over: "over a 7 ft sofa", "above 84 in of furniture 33 high". */
final class BelowWords
{
    private const FURNITURE = 'furniture';

    public ?Length $width = null;
    public ?Length $top = null;
    private LengthText $lengths;

    public function __construct(LengthUnit $unit)
    {
        $this->lengths = new LengthText($unit);
    }

    /** What is left of the line: the measures are out of it, furniture of a kind that is known stays named. */
    public function take(string $line): string
    {
        $measure = '(?:' . SpotMeasures::NUMBER . ')[\s-]*' . SpotMeasures::UNIT . '(?:\s*\d+\s*(?:inches|inch|in\b|″|"|”))?';
        $pattern = "/\\s*\\b(over|above|behind)\\s+(?:an?\\s+|the\\s+)?({$measure})[\\s-]*(?:wide\\s+|long\\s+)?(?:of\\s+)?(\\pL+(?:\\s\\pL+)?)"
            . "(?:\\s+({$measure})\\s*(?:high|tall))?(?!\\w)/iu";

        return (string) preg_replace_callback($pattern, function (array $match): string {
            $isFurniture = str_starts_with(mb_strtolower($match[3]), self::FURNITURE);
            if (!$isFurniture && null === SpotWords::kindIn($match[3])) {
                return $match[0];
            }
            try {
                $this->width = $this->lengths->read(str_replace('-', ' ', $match[2]));
                $this->top = isset($match[4]) ? $this->lengths->read($match[4]) : null;
            } catch (InvalidMeasure) {
                return $match[0];
            }

            return $isFurniture ? ' ' : sprintf(' %s the %s', $match[1], $match[3]);
        }, $line, 1);
    }
}
