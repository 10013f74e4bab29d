<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;

/**
 * Writes in one way what hurried people write in many: marks for inches and feet, hyphens before fractions, thousands, dozens
 * and pairs, sides before their numbers, bucks and bare cents. Only what can mean nothing else is rewritten.
 *
 * @internal
 */
final readonly class Notation
{
    /** A piece of floor is measured in feet when neither side is longer than this. */
    private const RUG_FEET = 14;
    /** What nobody measures in so few inches. */
    private const IN_FEET = '/\b(?:rugs?|sheepskins?|cowhides?|hides?|throws?|blankets?|quilts?|coverlets?|afghans?|bedspreads?'
        . '|flag)\b(?!\s+(?:pillow|cushion))/iu';
    private const COUNTS = [
        'half (?:a )?doz(?:en|\.)?' => '6', '(?:a )?doz(?:en|\.)?' => '12', 'pr\.?' => '2', '(?:a )?pair' => '2', '(?:a )?couple' => '2', '(?:a )?trio' => '3',
    ];
    /** What comes in something is what it is, unless that is all that is known. */
    private const HELD = '/^(?:an?\s+)?(?:(?:small|large|big|lg|sm|half)\s+)?(?:box|bag|roll|spool|tub|bundle|pack|string|strand'
        . '|lot)\s+(?:full\s+)?of\s+(\pL.*)$/iu';
    /** What runs along: a number before its length is how many there are, not a side. */
    private const RUNS = '/\b(?:garlands?|swags?|bunting|lights|beads|ribbons?|strands?|strings?|tinsel)\b/iu';

    private const HOLDERS = '(?:boxes|packs|packets|bags|cases|cartons|tubs|bins|tins|bundles|sets)';
    private const IN_EACH = '/^(\d{1,2})\s+' . self::HOLDERS . '\s+(?:of\s+)?(.*?)[\s,]*\(?(?<![$€£\d.])(\d{1,3})\s*'
        . '(?:ea|each|ct|count|pcs|pieces|per (?:box|pack|bag|case|set))\b\)?/iu';
    /** So many boxes of what nobody counted. */
    private const IN_HOLDERS = '/^(\d{1,2}\s+' . self::HOLDERS . ')\s+(?:of\s+)?(\pL[^,]*s\b.*)$/iu';
    private const LARGEST = '/,?\s+(?:the\s+)?(?:tallest|highest|largest|biggest)(?:\s+is)?\s+(\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?(?:\s*(?:in|cm|ft)\b)?)/iu';
    private const PART_ACROSS = '/^(.*\d\s*(?:in|cm|ft)\b.*?)\s*\b(shade|brim)\s+'
        . '(\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?\s*(?:in|cm)\b)(?!\s*(?:high|tall|wide|deep|across))/iu';
    /** What is said in a way of its own, and how it is read. */
    private const SAID = [
        // "Row of stockings 4": what is said to stand together is counted one by one.
        '/(?<!\w)lg\b\.?(?=\s|,|$)/iu' => 'large', '/(?<!\w)sm\b\.?(?=\s+\pL|\s+\d+\s+\pL|\s*,)/iu' => 'small',
        '/(?<!\w)(?:med|md)\b\.?(?=\s+\pL|\s+\d+\s+\pL|\s*(?:,|$))/iu' => 'medium',
        '/(?<![\w.])(?:[2-4]|two|three|four)[\s-]*tier(?:ed)?\s+((?:\pL+\s+){0,2})(tray|stand|rack|basket)\b/iu' => '$1tiered $2',
        '/^(?:an?\s+)?(?:row|cluster|group|grouping|collection|assortment|handful)\s+of\s+(?=(?:\d+\s+)?\pL[\pL\s-]*s\b)/iu' => '',
        '/\b(?:fake|faux|electric)\s+(?=(?:\pL+\s+)?(?:candles?|tapers?|tea\s?lights?|votives?|pillars?)\b)/iu' => 'flameless ',
        '/\bstack(?:ed)?\s+(\d)\s+high\b/iu' => '$1-tier stack',
        '/(?<![\w.])(\d{1,2})\s+(tier|arm|drawer|wick|branch|hook|panel|candle cup)(?=\s|,|$)/iu' => '$1-$2',
        '/(?<![\w.])(\d{1,2})\s+(wick|branch|candle cup)e?s\b/iu' => '$1-$2',
        // What a thing has so many of is no count of it: "advent house, drawers 24".
        '/(?<=\pL\s|,\s)(?<!for\s)(?<!with\s)(\d{1,2})\s+(drawer|pocket|door|window|arm)s\b/iu' => '$1-$2',
        '/\b(drawer|branch|pocket|door|window|arm|wick)e?s\s+(\d{1,2})(?=\s*(?:,|$))/iu' => '$2-$1',
        '/\b(bundle|bunch|stack|nest)\s+(\d{1,3})(?=\s*(?:,|$))/iu' => '$1 of $2',
        // "hydrangea, 5 stem", "branches 36 x 6": what stands up is not counted across.
        '/(?<![\w.])(\d{1,2})\s+stem\b/iu' => '$1-stem',
        '/\b(stems|branches|sprays|picks)\b(.*?)\s(\d{2})\s*x\s*(\d{1,2})(?=\s*(?:,|$))/iu' => '$1$2 $3 in, $4 pcs',
        '/^(\pL[\pL\s]*s)\s+([2-9])\s+\((\d+(?:\.\d+)?(?:\s*(?:&|,|\/|and)\s*\d+(?:\.\d+)?)+)\)/iu' => '$2 $1 $3',
        '/^(\pL.*?s\b.*?)\s(\d{1,2})x\s+(?=\d+(?:\.\d+)?\s*(?:in|ft|cm)\b)/iu' => '$2 $1 ', // stems 3x 30 in
        '/^(\pL.*\pL)\s+1\s+(bag|jar|tin)$/iu' => '1 $2 $1', '/(?<![\w.])(\d{1,3})er\s+set\b/iu' => 'set of $1',
        // How many there are behind all else: "lavender bundle x 3 $12", "covers 20x20 x4", "ornaments, 24 in box".
        '/(?<=\pL{3})\s+[x×]\s+(\d{1,3})(?=\s*(?:[$€£]|,|$)|\s(?!inch|feet|foot|yard|high|wide|tall|deep|long)\pL{3})/u' => ' x$1',
        '/(\d[x×]\d+(?:[.,]\d+)?(?:\s?(?:in|cm))?)\s+[x×](\d{1,2})(?=\s*(?:,|$))/iu' => '$1, $2 pcs',
        '/^(\pL.*?\pL{2}s\b.*?)[\s,]+(\d{1,3})\s+in\s+(?:an?\s+|the\s+)?(box|bag|tin|pack|case|crate|tub|jar|bowl|basket|bucket)(?=\s*(?:,|$))/iu'
            => '$1, $2 pcs, in $3',
        '/^((?:an?\s+)?bunch\b.*?)\s(\d{1,3})\s+stems?\b/iu' => '$1 $2-stem',
        '/^(\pL.*\blights?\b.*?)\s(\d{1,2})\s+(?:strands?|strings?|sets?|boxes|reels?)\b/iu' => '$2 $1',
        // "taper candles w remote 6 ivory": what comes with it is not counted.
        '/\b(with|w)\s+(remote|timer|lids?|handle|stand)\s+(\d{1,2})\s+(?=\pL{3})/iu' => '$1 $2, $3 pcs, ',
        // "4 strings outdoor lights" are called by what is on the string.
        '/^(\d{1,2})\s+(?:strings|strands)\s+(?:of\s+)?(?=lights?\b)/iu' => '$1 string ',
        '/^(\d{1,2})\s+(?:strings|strands)\s+(?:of\s+)?(?=(?:\pL+\s+){0,3}(?:lights|beads?|garland)\b)/iu' => '$1 ',
        // So many on a string, and so many strings: "lights 100 count x2", "string lights 50 ct (3)".
        '/^(?=.*\blights?\b)(?=\d{1,2}\s|.*(?:\(\d{1,2}\)|\bx\s?\d{1,2}\b))(.*?)[\s,]+(\d{2,4})\s*(?:ct|count|bulbs?|leds?)\b(.*)$/iu' => '$1$3, $2 lights',
        // Ribbon is counted by the roll, and measured across in parts of an inch.
        '/^(\d{1,2})\s+(?:rolls?|spools?|reels?)\s+(?:of\s+)?(?=\pL.*\bribbon|ribbon)/iu' => '$1 ',
        '/^(?!\d)(.*\bribbons?\b.*?)[\s,]+([2-9]|1\d)\s+(?:rolls|spools|reels)(?=\s*(?:,|$))/iu' => '$2 $1',
        '/(?<=\bribbon\s)((?:\d\s+)?[1-9]\/\d{1,2})(?=\s*(?:,|$|\s\pL{3,}))(?!\s*(?:in|ft|mm|cm|yd|inch|feet|yard)\pL*\b)/iu' => '$1 in',
        '/\bup\s+to\s+(?=\d)/iu' => '', '/\bbattery\s+op(?:erated)?\b\.?/iu' => 'battery',
        // A look behind the thing: "card holders brass pear shaped".
        '/(?<=\pL)\s+(\pL{3,}[\s-]shaped?)(?=\s*(?:,|$))/iu' => ', $1',
        // What a crock or bottle holds is no size of it: a note.
        '/\s(?<!,\s)(\d{1,2}(?:\s?\/\s?\d)?\s*(?:gal(?:lons?)?|qts?|quarts?|pints?|lit(?:re|er)s?))\b(?!\s*(?:jar|jug|crock|bottle|pot))(.*)$/iu' => '$2, $1',
        '/^(.*\pL)\s+string(?=\s+\d+(?:[.,]\d+)?\s*(?:ft\b|feet|foot|[\'′]))/iu' => '$1 garland',
    ];

    public function __construct(private string $currency) {}

    public function plain(string $line): string
    {
        $line = (string) preg_replace('/(?<=\d)[\x{A0}\x{202F}](?=\d{3}(?!\d))/u', '', $line); // 1 234 in print
        $line = MeasureNotation::countBeforeDash(MeasureNotation::signs(trim((string) preg_replace('/\s+/u', ' ', $line))));
        $line = (string) preg_replace(array_keys(self::SAID), array_values(self::SAID), $line);
        $line = (string) preg_replace(
            ['/(?<=s\s|set\s|ct\s)(\d{1,3})\s+w\s+(?=\pL{3})/u', '/\bs\/(\d{1,2})\b/iu'],
            ['$1 with ', 'set of $1'],
            $line,
        ); // jars 12 w lids, plates s/4
        $line = (string) preg_replace(
            ['/[“"][^“”"]*[”"](*SKIP)(*F)|(?<=\pL)\s*\/\s*(?=\pL{2})/u', '/[“"][^“”"]*[”"](*SKIP)(*F)|\((?!\d+\))([^()]*)\)/u'],
            [' & ', ', $1,'],
            $line,
        ); // red/green, (small)
        $line = SpokenNumbers::written((string) preg_replace('/(?<=[\pL)])\s+w\s+(?=\pL{2})/u', ' with ', $line));

        return trim((string) preg_replace('/\s+/u', ' ', $this->prices($this->counts(MeasureNotation::sides($this->measures($line))))));
    }

    private function measures(string $line): string
    {
        $line = MeasureNotation::marks($line);
        $line = (string) preg_replace('/(?<=\d)\s*(?:in|cm)\s*[-–]\s*(?=\d+(?:[.,]\d+)?\s*(?:in|cm)\b)/iu', '-', $line); // 4 in - 12 in
        $line = (string) preg_replace(self::PART_ACROSS, '$1, $3 across $2', $line); // lamp 28 in, shade 16 in
        $line = (string) preg_replace(self::LARGEST, ', $1 high', $line); // set/4 tallest 12
        $line = (string) preg_replace('/(?<![\w.,])(\d{1,2}(?:\.\d+)?)\s+(?:round|rnd)\b(?!\s*\d)/iu', '$1 across round', $line); // tray 12 round
        $line = (string) preg_replace('/\b(?:[2-9]|two|three|four|five|several|various|asst|assorted)\s+(?:sizes|heights)\b/iu', '', $line);
        $line = (string) preg_replace('/(?<![\w.,])(\d{1,2})\s*(?:in\s*)?(?:sq\.?|square)(?=\s|,|$)/iu', '$1 x $1', $line); // 22 in sq
        if (
            1 === preg_match(self::IN_FEET, $line)
            && 1 === preg_match('/(?<![\d.])(\d{1,2})\s*[x×]\s*(\d{1,2})(?![\d.]|\s*(?:in|ft|feet|cm|m|″|")\b)/iu', $line, $match)
            && max((int) $match[1], (int) $match[2]) <= self::RUG_FEET
        ) {
            $line = str_replace($match[0], sprintf('%d x %d ft', $match[1], $match[2]), $line);
        }

        return $line;
    }

    private function counts(string $line): string
    {
        $line = (string) preg_replace_callback(
            '/(?<![\w.])(\d{1,2})\s+(?:pairs|prs)\b(?:\s+of)?/iu',
            static fn(array $m): string => (string) (2 * (int) $m[1]),
            $line,
        );
        $line = (string) preg_replace('/^(?:1|one|an?)\s+(?=(?:pair|couple|trio|set|box|pack|bag|doz)\b)/iu', '', $line);
        $line = (string) preg_replace('/^(?:(?:an?|1)\s+)?(?:string|strand|set|box|roll)\s+of\s+(\d{1,4})\s+(\pL[^,;]*?\blights?\b)/iu', '$2 $1 ct', $line);
        $line = (string) preg_replace_callback(
            self::HELD,
            static fn(array $m): string => Lexicon::nameAThing($m[1]) ? $m[1] : $m[0],
            $line,
        ); // "bag of fake snow"
        $line = (string) preg_replace_callback(
            '/^(\d{1,2})\s+(?:set|' . self::HOLDERS . ')\s+of\s+(\d{1,3})\s+/iu',
            static fn(array $m): string => (int) $m[1] * (int) $m[2] . ' ',
            $line,
        );
        // "2 boxes of balls (24 ea)": so many in each.
        $line = (string) preg_replace_callback(
            self::IN_EACH,
            static fn(array $m): string => (int) $m[1] * (int) $m[3] . ' ' . $m[2],
            $line,
        );
        $line = (string) preg_replace_callback(
            self::IN_HOLDERS,
            static fn(array $m): string => Lexicon::nameAThing(explode(',', $m[2])[0]) ? "{$m[2]}, in {$m[1]}" : $m[0],
            $line,
        );
        $line = (string) preg_replace_callback(
            '/^(\d{1,2})\s+doz(?:en|\.)?(?:\s+of)?\s+(?=\p{L})/iu',
            static fn(array $m): string => 12 * (int) $m[1] . ' ',
            $line,
        );
        $line = (string) preg_replace('/^set\s?\/\s?(\d{1,2})\s+(?=\p{L})/iu', '$1 ', $line);
        $line = (string) preg_replace_callback(
            '/^set\s+of\s+(two|three|four|five|six|seven|eight|nine|ten|twelve)(?=\s+\pL)/iu',
            static fn(array $m): string => 'set of ' . Lexicon::count(mb_strtolower($m[1])),
            $line,
        );
        $line = (string) preg_replace_callback(
            '/^(\pL[\pL\s]*s)\s+([2-9])\s*,\s*(\d[^,&]*(?:(?:,|&|\band\b)\s*\d[^,&]*)+)$/iu',
            static fn(array $m): string => (int) $m[2] === preg_match_all('/\d+(?:\.\d+)?(?:\s\d\/\d)?/', $m[3]) ? "{$m[2]} {$m[1]} {$m[3]}" : $m[0],
            $line,
        ); // nutcrackers 2, 30 and 20 cm
        $line = (string) preg_replace('/^(\d{1,2})[\s-]*pcs?\.?\s+(\p{L}.*?)\s+set\b/iu', '$1 $2', $line);
        $line = (string) preg_replace('/^(\p{L}.*?)\s(\d{1,3})\s*(?=@)/u', '$2 $1 ', $line); // stems 6 @ 3.50
        $line = (string) preg_replace('/@\s*(?=\d+(?:[.,]\d+)?\s*(?:in|cm|ft|mm)\b)/iu', '', $line); // crows 2 @ 12 in
        $line = (string) preg_replace('/^x\s?(\d{1,3})\s+(?=\p{L})/iu', '$1 ', $line);
        if (1 === preg_match(self::RUNS, $line)) {
            // garland 9 ft x 4, garland 9 ft, 2
            $line = (string) preg_replace('/^(\pL.*?\d\s*(?:ft|yds?|m)\b)\s*(?:[x×]|,(?=\s*\d+\s*$))\s*(\d{1,2})(?=\s*(?:,|$|\s\pL{3}))/iu', '$2 $1', $line);
        }
        foreach (self::COUNTS as $words => $count) {
            $line = (string) preg_replace("/^{$words}(?:\\s+of)?\\s+(?=\\p{L})/iu", $count . ' ', $line);
        }
        if (1 === preg_match(self::RUNS, $line)) {
            $line = (string) preg_replace('/^(.*?)\s(\d{1,2})\s*[x×]\s*(\d+(?:[.,]\d+)?\s*(?:ft|feet|foot|yds?|yards?|m)\b)/iu', '$2 $1 $3', $line, 1);
        }
        // "box of 12 baubles $8": as they were sold, unless it says each.
        if (1 === preg_match('/^(?:a\s+)?(?:bag|box|pack|packet|lot|bundle)\s+of\s+(\d{1,3})\s+(?=\p{L})/iu', $line, $match)) {
            $line = $match[1] . ' ' . mb_substr($line, mb_strlen($match[0]));
            if (1 !== preg_match('/\b(?:each|ea|apiece|a piece|for|total|lot|in all)\b/iu', $line)) {
                $line = (string) preg_replace('/([$€£]\s?\d[\d.,]*)/u', '$1 in all', $line, 1);
            }
        }

        return $line;
    }

    private function prices(string $line): string
    {
        $sign = preg_quote($this->currency, '/');
        // thrifted 3.50, bowl 12.99; 9.25 may be a size.
        $line = (string) preg_replace(
            [
                '/(?<=\bthrifted|\bpaid|\bcost|\bwas|\bonly)\s+(\d{1,4}[.,]\d{2})(?=\s*(?:,|$))/iu',
                '/(?<=\pL)\s+(\d{1,4}[.,][1-9][1-46-9])(?=\s*(?:,(?!\d)|$))/u',
            ],
            ' ' . $this->quoted() . '$1',
            $line,
        );
        // 12,50 € and 1.234,50 €: the sign behind.
        $line = (string) preg_replace_callback(
            "/(?<![\\w.,])(?:(\\d{1,2})[.,]?(?=\\d{3}))?(\\d{1,3})(?:[.,](\\d{2}))?\\s*{$sign}(?!\\s*\\d)/u",
            fn(array $m): string => $this->currency . $m[1] . $m[2] . ('' === ($m[3] ?? '') ? '' : '.' . $m[3]),
            $line,
        );
        $line = (string) preg_replace(
            '/(?<=,)\s*(\d{1,4}\.\d{2}(?=\s*(?:,|$))|(?<!\d,)\d{1,4},\d{2}(?=\s*$))/u',
            ' ' . $this->quoted() . '$1',
            $line,
        ); // ", 12.99", not "6,9,12"
        $line = (string) preg_replace(
            '/(?<![\w.,])(\d{1,4}(?:[.,]\d{2})?)\s*(?:bucks?|dollars?|quid|euros?|pounds? sterling)\b/iu',
            $this->quoted() . '$1',
            $line,
        );
        $line = (string) preg_replace(
            "/@\\s*(?:{$sign}\\s*)?(\\d{1,4}+(?:[.,]\\d{2})?+)(?!\\s*(?:in|cm|ft|mm)\\b)(?:\\s*(?:each|ea\\b))?/iu",
            $this->quoted() . '$1 each',
            $line,
        );
        $line = (string) preg_replace("/(?<![\\w.,])(?:{$sign}\\s*)?[.,](\\d{2})(?![\\d.,]|\\s*(?:in|cm|ft|mm|m)\\b)/u", $this->quoted() . '0.$1', $line);
        $line = (string) preg_replace('/(?<![\w.,$€£])(\d{1,3})\.(\d{3}),(\d{2})(?!\d)/u', $this->quoted() . '$1$2.$3', $line);
        $line = (string) preg_replace('/(?<![\w.,$€£])(\d{1,4}(?:[.,]\d{2})?)\s*(each|ea\b|apiece|a piece)/iu', $this->quoted() . '$1 each', $line);
        // "8 total" is how many there are, unless that was said at the start.
        $total = 1 === preg_match('/^\d/', $line) ? 'in total|total|altogether|' : '';
        $line = (string) preg_replace(
            '/(?<![\w.,$€£])(\d{1,4}(?:[.,]\d{2})?)\s+(?:' . $total . 'in all|for the lot|for all)\b/iu',
            $this->quoted() . '$1 in all',
            $line,
        );
        $line = (string) preg_replace('/(?<![\w.,$€£])(\d{1,4}[.,]\d{2})\s+(?:in total|total|altogether)\b/iu', $this->quoted() . '$1 in all', $line);

        return (string) preg_replace(
            '/([$€£]\s?\d[\d.,]*)\s+(?:for (?:all(?: (?:of them|two|three|four|five|six|seven|eight|nine|ten|twelve))?|both|the (?:lot|set|pair|pack'
                . '|box)|everything)(?! \d)|altogether|in total|(?:(?:the|a|per)\s|\/\s?)?(?:lot|set|pair|pr|pack|box))\b/iu',
            '$1 in all',
            $line,
        );
    }

    /** The currency as the replacement of a pattern takes it. */
    private function quoted(): string
    {
        return str_replace(['\\', '$'], ['\\\\', '\\$'], $this->currency);
    }
}
