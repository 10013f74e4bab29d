<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

/**
 * Writes in one way how many there are of each size of a thing, and by which letter.
 *
 * @internal
 */
final readonly class SortNotation
{
    /** @param string $unit of numbers without one, as it is written */
    public static function plain(string $line, string $unit): string
    {
        return self::counted(self::lettered($line, $unit));
    }

    /** "lanterns L 24 M 18 S 12": each letter has a size behind it. */
    private static function lettered(string $line, string $unit): string
    {
        $letters = implode('|', array_keys(SeveralThings::LETTERS));
        $sized = "/(?<![\\w\"″”])({$letters})\\s+(\\d{1,2})(?=\\s+(?:{$letters})\\s+\\d|\\s*(?:,|$))/iu";
        $written = (string) preg_replace($sized, "\$1 \$2 {$unit},", $line, -1, $found);

        return $found > 1 ? trim($written, ' ,') : $line;
    }

    /** "balls 4 in x 5, 3 in x 7": of what is not flat the second number without a unit is how many there are, where that is said of each. */
    private static function counted(string $line): string
    {
        [$number, $unit] = [SeveralThings::NUMBER, SeveralThings::UNIT];
        $times = "/(?<![\\w.,x×])({$number}\\s*{$unit})\\s*[x×]\\s*(\\d{1,2})(?=\\s*(?:[,;&+]|and\\b|$))/iu";
        $counted = (string) preg_replace($times, '$1 ($2)', $line, -1, $found);
        $head = explode(' (', (string) preg_replace("/{$number}\\s*{$unit}/iu", '', $counted))[0];

        if ($found > 1 && CountWords::isMany($head) && !CountWords::isFlat($head)) {
            return $counted;
        }
        // "frames 8 x 10, 5 x 7": of each size there is one.
        $size = "{$number}\\s*(?:{$unit})?\\s*[x×]\\s*{$number}(?:\\s*{$unit})?";
        $areSizes = 1 === preg_match("/^(\\pL[^\\d,]*?)[\\s,:]+{$size}(?:\\s*(?:[,;&+]|\\band\\b)\\s*{$size})+\\s*(?:,[^\\d]*)?$/iu", $line, $sized);

        return $areSizes && CountWords::isMany($sized[1]) ? (string) preg_replace("/{$size}/iu", '$0 (1)', $line) : $line;
    }
}
