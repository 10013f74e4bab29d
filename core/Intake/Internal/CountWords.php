<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Question;

/**
 * Takes out of a line how many there are: "3 bowls", "a pair of", "x4", "set of 8", "24 ct", "deer pair".
 *
 * @internal
 */
final readonly class CountWords
{
    private const START = '/^(?:set of\s+)?(\d{1,3})\s*(?:(?:pcs|pieces)(?:\s+of)?(?=\s)|x\s+(?=\p{L})|(?=\s(?!\d|(?:in|inch|inches|ft|feet|foot|yd|yds|yards?|cm|mm|m|for|x|by|lb|lbs|oz|kg|g|high|wide|tall|long|deep|and|ct|count|tier|tiered|light|lights)\b)))/iu';
    private const TIMES = '/(?<![\d″"])(?<!in)(?<!cm)[\s,]+x(\d{1,3})(?=$|[\s,])/iu';
    /** Behind a measure, "x2" written as one word. */
    private const TIMES_AFTER_MEASURE = '/(?<=in|cm)\s+x(\d{1,2})(?=$|\s*,|\s+[^\d\s])/iu';
    private const SET = '/[\s,(]+(?:(?:set|pack|box|bag)\s*(?:of|\/)\s*(\d{1,3}|two|three|four|five|six|seven|eight|nine|ten|twelve)|(\d{1,3})\s*(ct|count|pcs|pieces|pk|doz|dozen))\b\)?|\((\d{1,3})\)/iu';
    private const DOZEN = 12;
    private const TOGETHER = '/(?<=\p{L})\s+(pair|duo|trio)\b(?!\s+of)/iu';
    private const TOGETHER_ARE = ['pair' => 2, 'duo' => 2, 'trio' => 3];

    /** What is left of the line. */
    public function take(string $text, Draft $draft): string
    {
        $text = ltrim($text, ' ,');
        // Not "9 in brass bell", "3 for $27" or "8 x 10 print": those are measures and prices.
        if (1 === preg_match(self::START, $text, $match)) {
            $draft->count = (int) $match[1];
            if ($draft->count < 1) {
                $draft->questions[] = new Question('count', 'How many are there? At least one.');
            }

            return substr($text, \strlen($match[0]));
        }

        return $this->times($text, $draft) ?? $this->atStart($text, $draft) ?? $this->behind($text, $draft);
    }

    private function times(string $text, Draft $draft): ?string
    {
        if (1 === preg_match(self::TIMES, $text, $match)) {
            $draft->count = (int) $match[1];

            return str_replace($match[0], ' ', $text);
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
