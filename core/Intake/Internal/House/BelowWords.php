<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

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
        $line = (string) preg_replace_callback($pattern, function (array $match): string {
            $isFurniture = str_starts_with(mb_strtolower($match[3]), self::FURNITURE);
            $isCount = 1 === preg_match('/^\d$/', trim($match[2])); // over the 3 chairs
            if ($isCount || !$isFurniture && null === SpotWords::kindIn($match[3]) || !$this->isRead($match[2], $match[4] ?? '')) {
                return $match[0];
            }

            return $isFurniture ? ' ' : sprintf(' %s the %s', $match[1], $match[3]);
        }, $line, 1);

        $top = "(?:\\s*(?:and|,|x|×|by)?\\s*(?<top>{$measure})\\s*(?:high|tall))?";

        return (string) preg_replace_callback(
            "/[,;]\\s*(?:the\\s+)?(?<what>\\pL+)\\s+(?:below\\s+)?(?:is\\s+)?(?:(?<width>{$measure})\\s*(?:wide|long)?){$top}(?=\\s*(?:[,;]|$))/iu",
            fn(array $match): string => $this->isAbout($line, $match['what']) && $this->isRead($match['width'], $match['top'] ?? '') ? '' : $match[0],
            $line,
            1,
        );
    }

    /** Whether a thing is what the line says to be below: "wall above sofa 60 x 40, sofa is 84 wide". */
    private function isAbout(string $line, string $what): bool
    {
        $kind = SpotWords::kind($what);

        return null !== $kind && $kind === SpotWords::below($line);
    }

    private function isRead(string $width, string $top): bool
    {
        try {
            $this->width = $this->lengths->read(str_replace('-', ' ', $width));
            $this->top = '' === $top ? null : $this->lengths->read($top);
        } catch (InvalidMeasure) {
            return false;
        }

        return true;
    }
}
