<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;

/**
 * Reads totes told by their number: "6 totes in the garage, 27 gal", "totes: 4 attic 24 x 16 x 14, 2 under the bed". Each has a code of its
 * own, so a line for each is offered.
 *
 * @internal
 */
final readonly class SeveralTotes
{
    private const HEAD = '/^(?:totes?|bins|storage)\s*[:,]\s*(?=\d|an?\s)/iu';
    /** "6 totes", "6 x 27 gal", and no measure. */
    private const COUNTED = '/^(\d{1,2})(?:\s*(?:[x×]|of)\s+(?=\pL|\d+[\s-]*(?:gal|qts?|quarts?|l\b|lit))'
        . '|\s+(?=\pL)(?!(?:in(?!\s+(?:the|an?|my|our)\b)|cm|mm|m|ft|gal|qts?|quarts?|l|lbs?|kg)\b))(.*)$/iu';
    private const BOXES = '(?:(?:big|large|small|medium|flat|clear|plastic|storage|lidded|cardboard|stacking|under[\s-]?bed|moving)\s+)*'
        . '(?:totes?|bins?|tubs?|crates?|cartons?|containers?|(?<=storage |plastic |cardboard |lidded |bed |moving |stacking )box(?:es)?)';
    private const SIZE = '/(?<![\w.])\d+(?:\.\d+)?\s*(?:in|cm)?\s*[x×]\s*\d[\d.x×\s]*(?:in|cm)?(?!\w)'
        . '|(?<![\w.])\d+[\s-]*(?:gal(?:lons?)?|qts?|quarts?|l|lit(?:re|er)s?)\b\.?/iu';
    private const NOT_THE_PLACE = '/\b(?:of|in|at|on|the|each|all|are|with|a|an)\b|\s+/iu';
    /** How many lines are offered; who has more writes them. */
    private const MOST = 24;
    private const ANY = 'T';

    /** @return Question|null null where a line counts no totes */
    public static function read(string $line): ?Question
    {
        $plain = HouseNotation::plain($line);
        $listed = (string) preg_replace(self::HEAD, '', $plain);
        [$counts, $said] = [[], []];
        foreach (SpotLine::phrases($listed) as $phrase) {
            $isCounted = 1 === preg_match(self::COUNTED, $phrase, $match) && ($listed !== $plain || 1 === preg_match('/\b' . self::BOXES . '\b/iu', $phrase));
            if ($isCounted) {
                $counts[] = (int) $match[1];
                $said[] = $match[2];
            } elseif ([] !== $said) {
                $said[] = array_pop($said) . ', ' . $phrase;
            } else {
                return null;
            }
        }
        $count = array_sum($counts);

        return $count < 1 || $count > self::MOST ? null : new Question(
            'code',
            1 === $count ? 'A tote has a code, by which it is found again.' : sprintf('Each of the %d totes has a code of its own.', $count),
            [new Reply(1 === $count ? 'with a code' : 'a line for each', implode("\n", self::lines($counts, $said)))],
        );
    }

    /**
     * @param list<int>    $counts how many of each
     * @param list<string> $about  what is said of them
     *
     * @return list<string> codes begin with the letter of the place
     */
    private static function lines(array $counts, array $about): array
    {
        [$lines, $last] = [[], []];
        foreach ($about as $group => $said) {
            preg_match_all(self::SIZE, $said, $sizes);
            $words = (string) preg_replace([self::SIZE, '/\b' . self::BOXES . '\b/iu', self::NOT_THE_PLACE], ' ', $said);
            $place = trim((string) preg_replace(['/\s+/u', '/\s*,[\s,]*/u'], [' ', ', '], $words), ' ,');
            $place = '' === $place && 1 === preg_match('/\bunder[\s-]?bed\b/iu', $said) ? 'under the bed' : $place;
            $letter = mb_strtoupper(mb_substr('' === $place ? self::ANY : $place, 0, 1));
            for ($i = 0; $i < $counts[$group]; ++$i) {
                $code = $letter . ($last[$letter] = ($last[$letter] ?? 0) + 1);
                $lines[] = implode(', ', [trim("{$code} {$place}"), ...array_map(trim(...), $sizes[0])]);
            }
        }

        return $lines;
    }
}
