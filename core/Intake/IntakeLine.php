<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Internal\Completion;
use BrightCupboard\Core\Intake\Internal\CountWords;
use BrightCupboard\Core\Intake\Internal\Draft;
use BrightCupboard\Core\Intake\Internal\MeasureWords;
use BrightCupboard\Core\Intake\Internal\Naming;
use BrightCupboard\Core\Intake\Internal\Notation;
use BrightCupboard\Core\Intake\Internal\PlaceWords;
use BrightCupboard\Core\Intake\Internal\PriceWords;
use BrightCupboard\Core\Intake\Internal\WordPhrases;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\PieceKind;

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

    private Notation $notation;
    private CountWords $counts;
    private MeasureWords $measures;
    private PriceWords $prices;
    private PlaceWords $places;
    private WordPhrases $words;
    private Naming $naming;
    private Completion $completion;

    /** @param list<KnownPlace> $places */
    public function __construct(LengthUnit $unit, string $currency, array $places, ColourNames $names)
    {
        $this->notation = new Notation($currency);
        $this->counts = new CountWords();
        $this->naming = new Naming($names);
        $this->measures = new MeasureWords($unit);
        $this->prices = new PriceWords($currency);
        $this->places = new PlaceWords($places);
        $this->words = new WordPhrases($names);
        $this->completion = new Completion(new LengthText($unit), $names);
    }

    public function read(string $line): IntakeReading
    {
        $line = strtr($line, ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', ' w/ ' => ' with ', ' w/' => ' with ']);
        $draft = new Draft($this->notation->plain($line));
        if ('' === $line || mb_strlen($line) > self::MOST_CHARACTERS) {
            $draft->questions[] = new Question('line', '' === $line ? 'Write what it is, such as: 3 brass candlesticks 9 in, attic A2, $4 each.' : sprintf('A line has at most %d characters. Put the rest into the care note afterwards.', self::MOST_CHARACTERS));

            return $this->reading($draft);
        }
        $text = $this->takeName($draft->line, $draft);
        $text = $this->counts->take($text, $draft);
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
        return (string) preg_replace_callback('/(?<![\d\w])[“"]([^“”"\d][^“”"]*)[”"]/u', static function (array $match) use ($draft): string {
            $draft->name = trim($match[1]);

            return ' ';
        }, $line, 1);
    }

    private function takePhrase(string $phrase, bool $isFirst, bool $isNamed, Draft $draft): void
    {
        if ('' === $phrase) {
            return;
        }
        if ($isFirst) {
            $this->takeThing($this->withoutPlace($phrase, $draft), $isNamed, $draft);

            return;
        }
        if ($this->places->take($phrase, $draft)) {
            return;
        }
        [$had, $kind] = [\count($draft->questions), $draft->kind];
        $unknown = $this->words->take($phrase, $draft);
        $draft->kind = $kind ?? $draft->kind;
        if ([] !== $unknown && \count($draft->questions) === $had) {
            $this->askAbout($phrase, $draft);
        }
    }

    /** What a line begins with is the thing; what stands behind "in", "with" or "from" is about a part of it, or where it came from. */
    private function takeThing(string $phrase, bool $isNamed, Draft $draft): void
    {
        [$thing, $by, $behind] = $this->naming->parts($phrase);
        $unknown = $this->words->take($thing, $draft);
        if (null === $draft->kind) {
            [$thing, $unknown] = $this->withoutTypo($thing, $unknown, $draft);
        }
        $unsure = $this->naming->unsureOf($thing);
        if (null !== $unsure && null !== $draft->kind) {
            $draft->guesses[] = sprintf('Taken for %s, by the word “%s”.', $draft->kind->withArticle(), $unsure);
        }
        [$kind, $shape, $materials] = [$draft->kind, $draft->shape, $draft->materials];
        $said = '' === $behind ? [] : $this->words->take($behind, $draft);
        [$draft->kind, $draft->shape] = [$kind, $shape];
        if ([] !== $materials || Completion::hasUsualMaterial($kind)) {
            $draft->materials = $materials; // a base of jute makes no tree of it
        }
        if ('from' === $by && [] !== $said) {
            $draft->care[] = 'from ' . $behind;
        }
        if (PieceKind::Lights === $draft->kind && $draft->isCountOfParts) {
            $behind = trim($behind . ", {$draft->count} lights", ', ');
            $by = '' === $by ? ',' : $by;
            $draft->count = 1;
        }
        if (!$isNamed) {
            $draft->name = $this->naming->name($thing, '' === $behind || 'from' === $by ? '' : (',' === $by ? ', ' : " {$by} ") . $behind);
            $this->askAboutNumbers([...$unknown, ...$said], $draft);
        }
    }

    /**
     * A mistyped word for a kind is taken for what it stands for, and said.
     *
     * @param list<string> $unknown
     *
     * @return array{string, list<string>}
     */
    private function withoutTypo(string $thing, array $unknown, Draft $draft): array
    {
        foreach ($unknown as $i => $word) {
            $meant = Lexicon::meant(mb_strtolower($word));
            if (null !== $meant) {
                $draft->guesses[] = sprintf('“%s” is taken for “%s”.', $word, $meant);
                $this->words->take($meant, $draft);
                unset($unknown[$i]);

                return [(string) preg_replace('/(?<!\w)' . preg_quote($word, '/') . '(?!\w)/u', $meant, $thing, 1), array_values($unknown)];
            }
        }

        return [$thing, $unknown];
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

    /**
     * A number that is no measure, price or count where it stands may be any of them.
     *
     * @param list<string> $unknown
     */
    private function askAboutNumbers(array $unknown, Draft $draft): void
    {
        foreach ($unknown as $word) {
            if (1 === preg_match('/\d/', $word) && 1 !== preg_match('/^(?:no\.?\d+|\d+-?(?:tier|light|arm|drawer|hook)e?d?)$/iu', $word)) {
                $without = trim((string) preg_replace('/(?<!\w)' . preg_quote($word, '/') . '(?!\w)\s*/u', '', $draft->line, 1), ' ,');
                $isCount = 1 === preg_match('/^\d{1,3}$/', $word);
                $draft->questions[] = new Question('count', sprintf('What is “%s”?', $word), [...($isCount ? [new Reply($word . ' of them', $word . ' ' . $without)] : []), new Reply('leave it out', $without)]);
            }
        }
    }

    private function askAbout(string $phrase, Draft $draft): void
    {
        if (1 === preg_match('/^(?:care|note|nb)[:\s]+(.*)$/iu', $phrase, $match) || 1 === preg_match('/^(from .+)$/iu', $phrase, $match) || 1 === preg_match(self::CONDITION, $phrase, $match)) {
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
