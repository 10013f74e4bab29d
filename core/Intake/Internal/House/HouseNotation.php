<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Intake\Internal\MeasureNotation;
use BrightCupboard\Core\Intake\Internal\SpokenNumbers;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * Writes in one way what people with a tape in one hand write in many: marks and hyphens in measures, numbers in words, brackets and
 * dashes where a comma is meant. Only what can mean nothing else is rewritten.
 *
 * @internal
 */
final readonly class HouseNotation
{
    /** Before marks are written out. */
    private const ROUGH = [
        '/\b([hwdl])\s*[=:]\s*(?=\d)/iu' => '$1 ',
        '/(?<!\w)around\s*(?=\d)/iu' => '',
        '/\s&\s/u' => ' and ',
        '/\b(ft|in|cm|mm|dia|diam|approx|incl)\.(?=[\s,;]|$)/iu' => '$1',
        '/(?<=\d)\s*[′’\']\s?(\d{1,2})(?=\s*(?:$|[,;x×]|\s\pL))(?!\s*\/)/u' => ' ft $1 in', // 8'6
        '/\b(\d)\s?m\s?(\d{2})\b(?!\s*(?:cm|mm))/iu' => '$1.$2 m', // 1m60
        '/(?<=\d)[\s-]+(?:inch(?:es)?)\b/iu' => ' in',
        '/(?<=\d)[\s-]*(?:foot|feet|ft)\b/iu' => ' ft',
    ];
    /** After they are. */
    private const FINE = [
        // a table that extends: as it stands
        '/^\s*(\pL[\pL\s-]*(?:shelves|boards|tiers|cubbies))\s*\((\d)\)/iu' => '$2 $1', // floating shelves (3)
        // 8 ft w x 5 ft
        '/(\d\s*(?:in|ft|cm|m)?)\s*w\s*[x×]\s*(\d+(?:\.\d+)?\s*(?:in|ft|cm|m)?)(?!\s*[hdwl]\b)(?=\s*(?:[,;]|$|\pL{3}))/iu' => '$1 x $2',
        '/\s+w\s+(?=\pL{3}|\d+\s+\pL{4})/iu' => ' with ', // dresser w mirror
        '/\bextend(?:s|ing)?\s+(\d+(?:\.\d+)?)\s*(?:-|–|to)\s*(\d+(?:\.\d+)?)(\s*(?:in|cm|ft)\b)?'
            . '(\s*[x×]\s*\d+(?:\.\d+)?(?:\s*(?:in|cm|ft)\b)?)?/iu' => '$1$3$4, extends to $2$3',
        // window 40 wide, sill 32 high
        '/\bwindow\b([^;]*?)[\s,]+(?:with\s+(?:an?\s+)?)?sill\s+(?:is\s+|at\s+)?(\d+(?:\.\d+)?\s*(?:in|cm)?)\s*'
            . '(?:up|high|aff|off(?:\s+the)?\s+(?:floor|ground)|from\s+(?:the\s+)?(?:floor|ground))(?=\s*(?:[,;]|$))/iu' => 'window$1, sill at $2',
        // window over the sink 38 wide, sill 4
        '/\bwindow\b([^,;]*?\d[^,;]*?)[\s,]+(?:with\s+(?:an?\s+)?)?sill\s+(\d+(?:\.\d+)?\s*(?:in|cm)?)(?:\s*(?:deep|wide))?(?=\s*(?:[,;]|$))/iu'
            => 'window sill$1, $2 deep',
        // armchairs 2, nightstands (2), window boxes two
        '/^\s*(?!.*(?:shel|board|tier|cubb|step|stair))(\pL[\pL\s-]*s)(?<!\bseats)(?<!\bsits)\s+([2-9])(?=\s*(?:[,;]|$))/iu' => '$2 $1',
        '/^\s*(?!.*(?:shel|board|tier|cubb|step|stair))(\pL[\pL\s-]*s)\s*(?:\(([2-9])\)|(two|three|four)(?=\s*(?:\d|[,;]|$)))/iu' => '$2$3 $1',
        '/^\s*((?:\pL+\s+)*?(?:shelves|boards))((?:\s+\pL+)*)\s+([2-9])\s*[x×]\s*(?=\d{2})/iu' => '$3 $1$2 ', // shelves left 3 x 90 x 25
        // railing 10 ft each side: two of them
        '/^\s*((?:\pL+\s+)?(?:rail|railing|column|post|planter|bookcase))(\s+\d[^,;]*?)\s+(?:on\s+)?(?:each|either|both)\s+sides?(?=\s*(?:[,;]|$))/iu'
            => '2 $1s$2',
        '/^\s*(\pL+)\s+([2-9])\s+(windows|sills|chairs|armchairs|doors|niches)\b/iu' => '$2 $1 $3', // bay 3 windows
        // nightstands pair, built-ins left and right of the fire: two of them
        '/^\s*(\pL[\pL\s-]*s)\s+(?:pair|set of (?:two|2)|[x×]\s?2)(?=[\s,;]|$)/iu' => '2 $1',
        '/^\s*(?!(?:two|three|four|a)\s)(\pL[\pL\s-]*s)\s+(?:(?:l|left)\s+and\s+(?:r|right)|(?:either|each|both) sides?)\s+of\s+/iu' => '2 $1 by ',
        '/^\s*((?:\pL+\s+)?(?:shelves|boards|tiers|cubbies))\s*,?\s+(two|three|four|five|six|[2-9])(?=\s*(?:[,;]|$))/iu' => '$2 $1',
        '/(?<![\w.-])(\d)[\s-]*tier(?=\s*(?:\d|[,;]|$))/iu' => '$1 tiers',
        '/\beach\s+(\d+(?:\.\d+)?(?:\s*(?:in|cm)\b)?)\s*(?:tall|high|clear|apart)\b/iu' => '$1 each',
        '/^(.*)\bcorner\b(.*?)[\s,]+(?:for\s+)?(?:(?:a|the|our)\s+)?((?:xmas|christmas)\s+)?tree\s+(\d+(?:\.\d+)?\s*(?:in|ft|cm|m)\b)(?:\s*(?:tall|high)\b)?/iu'
            => '$1$3tree corner$2, $4 high',
        // entry table lamp on left 12: what stands on it is no part of its name
        '/^([^,;]*\pL)(?<!with)(?<!and)\s+(?=(?:lamps?|tv|clock|phone|plant|router|speaker|printer|monitor|kettle|toaster)\s+'
            . '(?:(?:on|at)\s+)?(?:the\s+)?(?:left|right|both)\s+\d)/iu' => '$1, ',
        // a railing 11 ft long that goes up 9
        '/(\d\s*ft\b.*?)\b(?:goes|going|climbs?|climbing)\s+(?:up\s+)?(\d{1,2}(?:\.\d+)?)(?=\s*(?:[,;]|$))/iu' => '$1rise $2 ft',
        '/\b(?:goes|going|climbs?|climbing)\s+up\s+(?=\d)/iu' => 'rise ',
        // 4 ft 6 off the floor
        '/(?<=\d\sft)\s+((?:1[01]|\d)(?:\s\d\/\d)?)(?=\s*(?:x|×|by\b|off\b|from\b|up\b|high\b|tall\b|long\b|wide\b|[,;]|$))/iu' => ' $1 in',
        '/(?<![\w.,])(\d{1,3}(?:\.\d+)?)\s*((?:in|cm|ft)\s*)?(?:sq\.?|square)(?=[\s,;]|$)/iu' => '$1 $2x $1 $2',
        '/^(\s*\pL[\pL\s]*?)\s*\((\pL[\pL\s]*)\)(\s+\pL.*)$/u' => '$1$3, $2', // fireplace (electric) mantel 50
        '/\s*\(([^()]*)\)/u' => ', $1,',
        '/\s+(?:with|and)\s+(?=(?:an?\s+|the\s+)?\pL+\s+(?:(?:on|at)\s+(?:the\s+)?)?(?:left|right|both|each)\b)/iu' => ', ', // with lamp left 10
        '/\s+[-–—]+\s+|\s*[–—]\s*(?=\pL)|\s*\|\s*/u' => ', ',
        '/(?<=\pL|\d|\))\.\s+(?=\S)/u' => ', ',
        '/^\s*(?!.*shel)(\pL[\pL\s]*s)\s*[x×]\s?(\d)(?=[\s,;]|$)/iu' => '$2 $1', // sills x3
        '/(?<=\pL{3})\/(?=\pL{3})/u' => ' ', // buffet/hutch
        '/\btbl\b/iu' => 'table', '/\brm\b/iu' => 'room', '/\b(?:shlf|shlv)\b/iu' => 'shelf', '/\b(?:shlvs|shelfs)\b/iu' => 'shelves',
        '/\b(?:fp|f\/p)\b/iu' => 'fireplace', '/\bctr\b/iu' => 'counter', '/\b(?:wdw|wndw|wndow)\b/iu' => 'window', '/\bcab\b/iu' => 'cabinet',
        '/\bbuilt[\s-]+(in|ins)\b/iu' => 'built-$1',
    ];
    private const TIDY = ['/\s+/u' => ' ', '/\s*,(?:\s*,)+/u' => ',', '/\s+(?=[,;])/u' => ''];
    private const COUNTED = 'shelves|shelf|boards|tiers|cubbies|cubes|seats|places|people|chairs|posts|newels|steps|stairs|treads|risers|hooks|pegs|windows'
        . '|nightstands|tables|sofas|beds|doors|sills|bookcases|consoles|cabinets|benches|mantels|walls|corners|trees|ledges';
    private const WORDS = 'two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';

    public static function plain(string $line): string
    {
        $line = MeasureNotation::signs(' ' . trim((string) preg_replace('/[\s\0]+/u', ' ', $line)) . ' ');
        $line = MeasureNotation::marks(self::rewritten(self::ROUGH, $line));
        $line = self::inFigures(SpokenNumbers::written(self::rewritten(self::FINE, $line)));

        return trim(self::rewritten(self::TIDY, MeasureNotation::sides($line)), ' ,;');
    }

    /** The unit of numbers without one: that of the home, or the other where all that is said is in the other. */
    public static function unit(string $line, LengthUnit $ofHome): LengthUnit
    {
        $isMetric = 1 === preg_match('/\d\s*(?:mm|cm|m)\b/iu', $line);
        $isImperial = 1 === preg_match('/\d\s*(?:inch(?:es)?|in|ft|foot|feet)\b|\d\s*["″”\'′]/iu', $line);

        return $isMetric === $isImperial ? $ofHome : ($isMetric ? LengthUnit::Centimetre : LengthUnit::Inch);
    }

    /** "two floating shelves", "seats six". */
    private static function inFigures(string $line): string
    {
        [$words, $counted] = [self::WORDS, self::COUNTED];
        $line = (string) preg_replace("/(?<!\\w)(?:a\\s+)?pair\\s+of(?=(?:\\s+\\pL+){0,2}\\s+(?:{$counted})\\b)/iu", '2', $line);

        return (string) preg_replace_callback(
            [
                "/^\\s*({$words})(?=\\s+\\pL)/iu",
                "/(?<!\\w)({$words})(?=(?:\\s+\\pL+){0,2}\\s+(?:{$counted})\\b)/iu",
                "/(?<=\\bseats\\s|\\bfor\\s)({$words})(?!\\w)/iu",
            ],
            /** @param array<string> $match */
            static fn(array $match): string => (string) Lexicon::count(mb_strtolower($match[1])),
            $line,
        );
    }

    /** @param array<string, string> $patterns with what replaces them */
    private static function rewritten(array $patterns, string $line): string
    {
        return (string) preg_replace(array_keys($patterns), array_values($patterns), $line);
    }
}
