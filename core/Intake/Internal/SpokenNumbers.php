<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;

/**
 * Writes numbers that were spoken as figures where a measure or a price follows: "nine and a half inches", "four dollars each".
 *
 * @internal
 */
final readonly class SpokenNumbers
{
    private const ONES = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen';
    private const TENS = 'twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety';
    private const MEASURES = 'inch(?:es)?|in|feet|foot|ft|yards?|centimet(?:re|er)s?|cm|mm|met(?:re|er)s?|pounds?|ounces?|dollars?|bucks|euros?|quid'
        . '|cents|each|apiece|by|x';
    private const PARTS = ['a half' => '1/2', 'half' => '1/2', 'a quarter' => '1/4', 'three quarters' => '3/4'];

    public static function written(string $line): string
    {
        $number = '(?:(?:' . self::TENS . ')(?:[\s-](?:' . self::ONES . '))?|' . self::ONES . ')';
        $line = (string) preg_replace_callback(
            '/(?<!\w)(' . $number . ')(?:\s+and\s+(a half|half|a quarter|three quarters))?(?=\s+(?:' . self::MEASURES . ')\b)/iu',
            static fn(array $m): string => Lexicon::count(mb_strtolower($m[1])) . (isset($m[2]) ? ' ' . self::PARTS[mb_strtolower($m[2])] : ''),
            $line,
        );
        $line = (string) preg_replace('/(?<=\d)\s+and\s+a\s+half(?=\s+(?:' . self::MEASURES . ')\b)/iu', ' 1/2', $line);

        // Units as they are spoken, in the form that is read everywhere.
        return (string) preg_replace(
            ['/(?<=\d)\s*centimet(?:re|er)s?\b/iu', '/(?<=\d)\s*millimet(?:re|er)s?\b/iu', '/(?<=\d)\s*met(?:re|er)s?\b/iu', '/(?<=\d)\s*ounces?\b/iu'],
            [' cm', ' mm', ' m', ' oz'],
            $line,
        );
    }
}
