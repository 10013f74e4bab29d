<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Takes out of a line how many there are: "3 bowls", "a pair of", "x4", "set of 8", "24 ct", "deer pair".
 *
 * @internal
 */
final readonly class CountWords
{
    private const START = '/^(?:set of\s+)?(\d{1,3})\s*(?:(?:pcs|pieces)(?:\s+of)?(?=\s)|x\s+(?=\p{L})|(?=\s(?!\d|(?:in|inch|inches|ft|feet|foot|yd'
        . '|yds|yards?|cm|mm|m|for|x|by|lb|lbs|oz|kg|g|high|wide|tall|long|deep|and|ct|count|tier|tiered|light|lights)\b)))/iu';
    private const TIMES = '/(?<![\d″"])(?<!in)(?<!cm)[\s,]+x(\d{1,3})(?=$|[\s,])(?!\s*(?:in|ft|cm|mm|yds?|m)\b)/iu';
    /** Behind a measure, "x2" written as one word. */
    private const TIMES_AFTER_MEASURE = '/(?<=in|cm|ft|yd|yds|yards|m)\s*x(\d{1,2})(?=$|\s*,|\s+[^\d\s])(?!\s*(?:in|ft|cm|mm|yds?|m)\b)/iu';
    /** "pots 2.5 in x 12": of what is not flat a second number without a unit is no measure. */
    private const TIMES_APART = '/^(.*?\pL.*?)(\s\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?\s*(?:in|cm))\s+x\s+(\d{1,2})$/iu';
    private const FLAT = [
        PieceKind::Picture, PieceKind::Mirror, PieceKind::Cushion, PieceKind::Tray, PieceKind::Napkin, PieceKind::Runner, PieceKind::Throw,
        PieceKind::TreeSkirt,
    ];
    private const SET = '/[\s,(]+(?:(?:(?:set|pack|box|bag|bundle|lot|case|stack)\s*(?:of|\/)|(?:set|pack)\s)\s*(\d{1,3}|two|three|four|five|six|seven'
        . '|eight|nine|ten|twelve)(?!\s*(?:in|ft|cm|mm|yd|m)\b)(?:\s*(?:pcs?|pieces)\b)?|(\d{1,3})\s*'
        . '(ct|count|pcs?|pieces?|pk|packs?|doz|dozen))\b\)?|\((\d{1,3})\)/iu';
    private const DOZEN = 12;
    private const TOGETHER = '/(?<=[\p{L}\d])\s+(pair|pr|duo|trio)\b\.?(?!\s+of)/iu';
    private const TOGETHER_ARE = ['pair' => 2, 'pr' => 2, 'duo' => 2, 'trio' => 3];

    /** What is left of the line. */
    public function take(string $text, Draft $draft): string
    {
        $text = ltrim($text, ' ,');
        // Not "9 in brass bell", "3 for $27" or "8 x 10 print": those are measures and prices.
        if (1 === preg_match(self::START, $text, $match)) {
            $draft->count = (int) $match[1];
            $draft->isSoldTogether = str_starts_with(mb_strtolower($match[0]), 'set');
            if ($draft->count < 1) {
                $draft->questions[] = new Question('count', 'How many are there? At least one.');
            }

            return substr($text, \strlen($match[0]));
        }

        return $this->times($text, $draft) ?? $this->atStart($text, $draft) ?? $this->behind($text, $draft);
    }

    /** A phrase that says nothing but how many there are: "6", "qty 4", "4 of them", "a pair", "10 stems". */
    public function takePhrase(string $phrase, Draft $draft): bool
    {
        $plain = mb_strtolower($phrase);
        if (PieceKind::Lights === $draft->kind && 1 === preg_match('/^(\d{1,4})\s*(?:leds?|lights?|bulbs?|lamps?)$/', $plain, $bulbs)) {
            $draft->look .= sprintf(', %d lights', $bulbs[1]);

            return true;
        }
        $isCount = 1 === preg_match(
            '/^(?:qty|quantity|count|x|about|approx)?\s*(\d{1,3})\s*(?:x|of(?: (?:them|.?em|these|those))?|pcs?|pieces|total|altogether|in all'
                . '|bundles|bunches|(?<thing>\pL{3,}))?$/u',
            $plain,
            $match,
        );
        $thing = $isCount ? $match['thing'] ?? '' : '';
        $kind = Lexicon::kind($thing)[0] ?? null;
        if ('' !== $thing && (null === $kind || $kind !== ($draft->kind ?? $kind))) {
            return false; // "wreath, 50 lights" is one wreath
        }
        $count = $isCount ? (int) $match[1] : self::TOGETHER_ARE[(string) preg_replace('/^(?:a|the)\s+/', '', $plain)] ?? Lexicon::count($plain);
        if (null === $count || $count < 1 || null !== $draft->count || ($isCount && 1 === preg_match('/^\d+$/', $plain) && !$draft->isMany)) {
            return false;
        }
        $draft->count = $count;
        if (1 === preg_match('/\b(?:bundles|bunches)$/', $plain)) {
            $draft->care[] = $plain;
        }

        return true;
    }

    /** Whether a thing is said in the plural, unlike "brass" and "eucalyptus". */
    public static function isMany(string $thing): bool
    {
        return 1 === preg_match('/\pL(?<!christma|xma|canva|pampa)(?<![sui])s\b/iu', $thing);
    }

    /**
     * A number that is left over behind a thing said in the plural is how many there are; of lights, how many are on a string.
     *
     * @param list<string> $unknown
     *
     * @return array{list<string>, string} what is still left, and the thing without the number
     */
    public function takeLeft(array $unknown, string $thing, Draft $draft): array
    {
        foreach ($unknown as $i => $word) {
            $isNumber = 1 === preg_match('/^(?:qty:?)?(\d{1,3})x?$/i', $word, $match) || null !== Lexicon::count(mb_strtolower($word));
            $isMany = PieceKind::Lights === $draft->kind || self::isMany($thing);
            $next = 1 === preg_match('/(?<!\w)' . preg_quote($word, '/') . '\s+(\pL+)/u', $thing, $behind) ? Lexicon::kind(mb_strtolower($behind[1])) : null;
            if ($isNumber && null !== $draft->kind && null !== $next && $next[0] !== $draft->kind) {
                unset($unknown[$i]); // a holder for 4 candles, a tree of 350 lights
                $thing = (string) preg_replace('/(?<!\w)' . preg_quote($word, '/') . '\s+(?=\pL)/u', $word . '-', $thing, 1);
                continue;
            }
            if (!$isNumber || !$isMany || null !== $draft->count) {
                continue;
            }
            $number = isset($match[1]) ? (int) $match[1] : (int) Lexicon::count(mb_strtolower($word));
            if (PieceKind::Lights === $draft->kind) {
                $draft->look .= sprintf(', %d lights', $number);
            } elseif ($number > 0) {
                $draft->count = $number;
                $draft->guesses[] = sprintf('“%s” is taken for how many there are.', $word);
            }
            unset($unknown[$i]);
            $thing = trim((string) preg_replace('/(?<!\w)' . preg_quote($word, '/') . '(?!\w)/u', '', $thing, 1));
        }

        return [array_values($unknown), $thing];
    }

    /** Whether two measures are all that is wanted of it. */
    public static function isFlat(string $thing): bool
    {
        $kinds = array_filter(array_map(static fn(string $word): ?PieceKind => Lexicon::kind($word)[0] ?? null, explode(' ', mb_strtolower($thing))));

        return [] !== array_filter($kinds, static fn(PieceKind $kind): bool => \in_array($kind, self::FLAT, true));
    }

    private function times(string $text, Draft $draft): ?string
    {
        if (1 === preg_match(self::TIMES, $text, $match)) {
            $draft->count = (int) $match[1];

            return str_replace($match[0], ' ', $text);
        }
        $isFewAcross = 1 === preg_match(self::TIMES_APART, $text, $match) && self::isMany($match[1]) && !self::isFlat($match[1]);
        if ($isFewAcross) {
            $draft->count = (int) $match[3];
            $draft->guesses[] = sprintf('“x %s” is taken for how many there are.', $match[3]);

            return $match[1] . $match[2];
        }
        if (1 === preg_match(self::TIMES_AFTER_MEASURE, $text, $match)) {
            $draft->count = (int) $match[1];
            $draft->guesses[] = sprintf('“%s” is taken for how many there are.', trim($match[0]));

            return str_replace($match[0], ' ', $text);
        }

        return null;
    }

    private function atStart(string $text, Draft $draft): ?string
    {
        foreach ([3, 2, 1] as $n) {
            $words = explode(' ', $text);
            $count = Lexicon::count(mb_strtolower(implode(' ', \array_slice($words, 0, $n))));
            if (null !== $count && \count($words) >= $n) {
                $draft->count = $count;

                return implode(' ', \array_slice($words, $n));
            }
        }

        return null;
    }

    private function behind(string $text, Draft $draft): string
    {
        if (1 === preg_match(self::SET, $text, $match, \PREG_UNMATCHED_AS_NULL)) {
            $said = mb_strtolower($match[1] ?? $match[2] ?? $match[4] ?? '1');
            $draft->count = max(1, (Lexicon::count($said) ?? (int) $said) * (str_starts_with(mb_strtolower($match[3] ?? ''), 'doz') ? self::DOZEN : 1));
            $draft->isSoldTogether = isset($match[1]);
            $draft->isCountOfParts = \in_array(mb_strtolower($match[3] ?? ''), ['ct', 'count'], true);

            return str_replace($match[0], ' ', $text);
        }
        if (1 === preg_match(self::TOGETHER, $text, $match)) {
            $draft->count = self::TOGETHER_ARE[mb_strtolower($match[1])] ?? 1;

            return str_replace($match[0], '', $text);
        }

        return $text;
    }
}
