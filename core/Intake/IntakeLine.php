<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Internal\Completion;
use BrightCupboard\Core\Intake\Internal\Draft;
use BrightCupboard\Core\Intake\Internal\Lexicon;
use BrightCupboard\Core\Intake\Internal\MeasureWords;
use BrightCupboard\Core\Intake\Internal\PlaceWords;
use BrightCupboard\Core\Intake\Internal\PriceWords;
use BrightCupboard\Core\Intake\Internal\WordPhrases;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Finish;

/**
 * Reads one line of text as a piece: "3 brass candlesticks 9 in, attic A2, $4 each, thrifted".
 *
 * Prices, measures and the count are found wherever they stand; what is left is read phrase by phrase, between
 * commas. What a line leaves out is completed by the usual and said; what could mean two things is asked back.
 */
final readonly class IntakeLine
{
    private const MOST_CHARACTERS = 300;

    /** How a piece is, or wants to be treated: such a phrase can only be a note. */
    private const CONDITION = '/^(.*\b(?:chip(?:s|ped)?|crack(?:s|ed)?|worn|faded|torn|dent(?:s|ed)?|scratch(?:es|ed)?|stain(?:s|ed)?|missing|broken|repaired|glued|wobbl(?:es|y)|rusty|moth|bent|fragile|wash|dry clean)\b.*)$/iu';

    private MeasureWords $measures;
    private PriceWords $prices;
    private PlaceWords $places;
    private WordPhrases $words;
    private Completion $completion;

    /** @param list<KnownPlace> $places */
    public function __construct(LengthUnit $unit, string $currency, array $places, ColourNames $names)
    {
        $this->measures = new MeasureWords($unit);
        $this->prices = new PriceWords($currency);
        $this->places = new PlaceWords($places);
        $this->words = new WordPhrases($names);
        $this->completion = new Completion(new LengthText($unit), $names);
    }

    public function read(string $line): IntakeReading
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', strtr($line, ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4'])));
        $draft = new Draft($line);
        if ('' === $line || mb_strlen($line) > self::MOST_CHARACTERS) {
            $draft->questions[] = new Question('line', '' === $line ? 'Write what it is, such as: 3 brass candlesticks 9 in, attic A2, $4 each.' : sprintf('A line has at most %d characters. Put the rest into the care note afterwards.', self::MOST_CHARACTERS));

            return $this->reading($draft);
        }
        $text = $this->takeName($line, $draft);
        $text = $this->takeCount($text, $draft);
        $text = $this->prices->take($text, $draft);
        $text = $this->measures->take($text, $draft);
        $isNamed = '' !== $draft->name;
        foreach (self::split('/[,;](?!\d)/u', $text) as $i => $phrase) {
            $this->takePhrase(trim($phrase, " \t.-"), 0 === $i, $isNamed, $draft);
        }
        $this->completion->complete($draft);

        return $this->reading($draft);
    }

    /** A name between quotation marks is taken as it is. */
    private function takeName(string $line, Draft $draft): string
    {
        return (string) preg_replace_callback('/[“"]([^“”"\d][^“”"]*)[”"]/u', static function (array $match) use ($draft): string {
            $draft->name = trim($match[1]);

            return ' ';
        }, $line, 1);
    }

    private function takeCount(string $text, Draft $draft): string
    {
        $text = ltrim($text, ' ,');
        // Not "9 in brass bell", "3 for $27" or "8 x 10 print": those are measures and prices.
        if (1 === preg_match('/^(?:set of\s+)?(\d{1,3})\s*(?:(?:pcs|pieces)(?:\s+of)?(?=\s)|x\s+(?=\p{L})|(?=\s(?!\d|(?:in|inch|inches|ft|feet|foot|cm|mm|m|for|x|by|lb|lbs|oz|kg|g|high|wide|tall|long|deep)\b)))/iu', $text, $match)) {
            $draft->count = (int) $match[1];
            if ($draft->count < 1) {
                $draft->questions[] = new Question('count', 'How many are there? At least one.');
            }

            return substr($text, \strlen($match[0]));
        }
        if (1 === preg_match('/(?<![\d″"])(?<!in)(?<!cm)[\s,]+x(\d{1,3})(?=$|[\s,])/iu', $text, $match)) {
            $draft->count = (int) $match[1];

            return str_replace($match[0], ' ', $text);
        }
        foreach ([3, 2, 1] as $n) {
            $start = \array_slice(explode(' ', $text), 0, $n);
            $count = Lexicon::count(mb_strtolower(implode(' ', $start)));
            if (null !== $count && \count($start) === $n) {
                $draft->count = $count;

                return implode(' ', \array_slice(explode(' ', $text), $n));
            }
        }

        return $text;
    }

    private function takePhrase(string $phrase, bool $isFirst, bool $isNamed, Draft $draft): void
    {
        if ('' === $phrase || (!$isFirst && $this->places->take($phrase, $draft))) {
            return;
        }
        $had = \count($draft->questions);
        $kind = $draft->kind;
        $unknown = $this->words->take($isFirst ? $this->withoutPlace($phrase, $draft) : $phrase, $draft);
        if (null !== $kind && !$isFirst) {
            $draft->kind = $kind;
        }
        if ($isFirst && !$isNamed) {
            $draft->name = $this->named($phrase, $draft);
            $this->askAboutNumbers($unknown, $draft);
        } elseif ($isFirst || [] === $unknown) {
            return;
        } elseif (\count($draft->questions) === $had) {
            $this->askAbout($phrase, $draft);
        }
    }

    /** "brass bell attic A2": a place that closes the first phrase without a comma. */
    private function withoutPlace(string $phrase, Draft $draft): string
    {
        $words = self::split('/\s+/u', $phrase);
        for ($n = min(4, \count($words) - 1); $n > 0; --$n) {
            for ($from = \count($words) - $n; $from > 0; --$from) {
                $isLast = $from + $n === \count($words);
                if ($this->places->takeClear(implode(' ', \array_slice($words, $from, $n)), $isLast, $draft)) {
                    array_splice($words, $from, $n);

                    return implode(' ', $words);
                }
            }
        }

        return $phrase;
    }

    /** @return list<string> */
    private static function split(string $pattern, string $text): array
    {
        $parts = preg_split($pattern, $text, -1, \PREG_SPLIT_NO_EMPTY);

        return false === $parts ? [] : $parts;
    }

    /** The words before the place, price and measures, in the singular: "Brass candlestick". */
    private function named(string $phrase, Draft $draft): string
    {
        $plain = trim($this->withoutPlace($phrase, new Draft($draft->line)));
        $kept = array_values(array_filter(self::split('/\s+/u', $plain), static fn(string $word): bool => !Lexicon::isAside(mb_strtolower($word)) && 1 !== preg_match('/^\d+$/', $word)));
        $at = self::lastKind($kept);
        // "plates white china" is called White china plate, "vase red" Red vase.
        $inOrder = null === $at ? $kept : [...\array_slice($kept, $at + 1), ...\array_slice($kept, 0, $at + 1)];
        $name = Lexicon::singular(implode(' ', $inOrder));

        return mb_strtoupper(mb_substr($name, 0, 1)) . mb_substr($name, 1, 119);
    }

    /** @param list<string> $words */
    private static function lastKind(array $words): ?int
    {
        for ($i = \count($words) - 1; $i >= 0; --$i) {
            if (null !== Lexicon::kind(mb_strtolower($words[$i]))) {
                return $i;
            }
        }

        return null;
    }

    /**
     * A number that is no measure, price or count where it stands may be any of them.
     *
     * @param list<string> $unknown
     */
    private function askAboutNumbers(array $unknown, Draft $draft): void
    {
        foreach ($unknown as $word) {
            if (1 === preg_match('/^\d{1,3}$/', $word)) {
                $without = trim((string) preg_replace('/\b' . $word . '\b\s*/', '', $draft->line, 1), ' ,');
                $draft->questions[] = new Question('count', sprintf('What is “%s”?', $word), [new Reply($word . ' of them', $word . ' ' . $without), new Reply('leave it out', $without)]);
            }
        }
    }

    private function askAbout(string $phrase, Draft $draft): void
    {
        if (1 === preg_match('/^(?:care|note|nb)[:\s]+(.*)$/iu', $phrase, $match) || 1 === preg_match(self::CONDITION, $phrase, $match)) {
            $draft->care[] = $match[1];

            return;
        }
        $draft->questions[] = new Question('line', sprintf('What is “%s”?', mb_strimwidth($phrase, 0, 40, '…')), [
            new Reply('a note on its care', str_replace($phrase, 'care: ' . $phrase, $draft->line)),
            new Reply('part of its name', str_replace([', ' . $phrase, ',' . $phrase], ' ' . $phrase, $draft->line)),
            new Reply('leave it out', trim(str_replace([', ' . $phrase, ',' . $phrase], '', $draft->line))),
        ]);
    }

    private function reading(Draft $draft): IntakeReading
    {
        return new IntakeReading(
            $draft->name,
            $draft->kind,
            $draft->count ?? 1,
            $draft->sides['width'] ?? null,
            $draft->sides['depth'] ?? null,
            $draft->sides['height'] ?? null,
            $draft->laidOut,
            $draft->weight,
            $this->completion->shares($draft),
            $draft->materials,
            $draft->finish ?? Finish::Plain,
            $draft->isStaple ? [] : $draft->seasons,
            $draft->hazards,
            $draft->shape,
            $draft->pattern,
            $draft->origin,
            $draft->costEach,
            $draft->place,
            implode('; ', $draft->care),
            $draft->guesses,
            $draft->questions,
        );
    }
}
