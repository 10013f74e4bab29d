<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Internal\Completion;
use BrightCupboard\Core\Intake\Internal\CountWords;
use BrightCupboard\Core\Intake\Internal\Draft;
use BrightCupboard\Core\Intake\Internal\MeasureWords;
use BrightCupboard\Core\Intake\Internal\Mistyped;
use BrightCupboard\Core\Intake\Internal\Naming;
use BrightCupboard\Core\Intake\Internal\Notation;
use BrightCupboard\Core\Intake\Internal\OneQuestion;
use BrightCupboard\Core\Intake\Internal\PlaceWords;
use BrightCupboard\Core\Intake\Internal\PriceWords;
use BrightCupboard\Core\Intake\Internal\Remarks;
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

    private Notation $notation;
    private CountWords $counts;
    private MeasureWords $measures;
    private PriceWords $prices;
    private PlaceWords $places;
    private WordPhrases $words;
    private Naming $naming;
    private Mistyped $mistyped;
    private Remarks $remarks;
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
        $this->mistyped = new Mistyped($names, $this->places);
        $this->remarks = new Remarks($this->measures);
        $this->completion = new Completion(new LengthText($unit), $names);
    }

    /** The key of the one place that words name; null where they name none, or several. */
    public function placeOf(string $words): ?string
    {
        $draft = new Draft($words);
        $this->places->take($words, $draft);

        return $draft->place;
    }

    public function read(string $line): IntakeReading
    {
        $draft = $this->begun($line);
        if ('' === $line || mb_strlen($line) > self::MOST_CHARACTERS) {
            $draft->questions[] = new Question('line', '' === $line ? 'Write what it is, such as: 3 brass candlesticks 9 in, attic A2, $4 each.' : sprintf('A line has at most %d characters. Put the rest into the care note afterwards.', self::MOST_CHARACTERS));

            return $this->reading($draft);
        }
        $this->prices->settle($draft);
        $this->completion->complete($draft);
        $draft->name .= $draft->look;
        OneQuestion::leave($draft);

        return $this->reading($draft);
    }

    /**
     * What one costs, once it is known how many there are.
     *
     * @internal
     */
    public function settle(Draft $draft): void
    {
        $this->prices->settle($draft);
    }

    /**
     * What a line says, before anything is completed by the usual.
     *
     * @internal
     */
    public function begun(string $line): Draft
    {
        $draft = new Draft($this->notation->plain(mb_substr($line, 0, self::MOST_CHARACTERS)));
        $text = $this->takeName($draft->line, $draft);
        $text = $this->counts->take($text, $draft);
        $text = $this->prices->take($text, $draft);
        $text = $this->measures->take($text, $draft);
        $isNamed = '' !== $draft->name;
        foreach (self::split('/[,;](?!\d)|(?<=\pL)(?<!care)(?<!note)(?<!nb)(?<!ps):\s|\s-\s/u', $text) as $i => $phrase) {
            $this->takePhrase(trim($phrase, " \t.-"), 0 === $i, $isNamed, $draft);
        }

        return $draft;
    }

    /** A name between quotation marks is taken as it is. */
    private function takeName(string $line, Draft $draft): string
    {
        return (string) preg_replace_callback('/(?<![\d\w])(?<!name )(?<!named )(?<!says )(?<!reads )(?<!word )[“"]([^“”"\d][^“”"]*)[”"]/u', static function (array $match) use ($draft): string {
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
        if ($this->places->take($phrase, $draft) || $this->counts->takePhrase($phrase, $draft)) {
            return;
        }
        if ($this->remarks->isOfLook($phrase) && null !== $draft->kind) {
            $this->remarks->keep($phrase, $draft);

            return;
        }
        $before = clone $draft;
        $unknown = $this->words->take($phrase, $draft);
        $right = [] === $unknown ? $phrase : $this->mistyped->putRight($phrase, $unknown, $draft);
        if ($right !== $phrase) {
            if ($this->places->take($right, $draft)) {
                return;
            }
            $unknown = $this->words->take($right, $draft);
        }
        if (null !== $before->kind) {
            [$draft->kind, $draft->nearest] = [$before->kind, $before->nearest];
        }
        if ([] !== $unknown) {
            $draft->restore($before); // half of what it says is not what it says
            $this->remarks->keep($phrase, $draft);
        }
    }

    /** What a line begins with is the thing; what stands behind "in", "with" or "from" is about a part of it, or where it came from. */
    private function takeThing(string $phrase, bool $isNamed, Draft $draft): void
    {
        $draft->isMany = 1 === preg_match('/\pL{2,}s\b/u', $phrase) || 1 === preg_match('/(?<!\pL)(?:each|ea)\b/iu', $draft->line);
        [$thing, $by, $behind] = $this->naming->parts($this->remarks->cut($phrase, $draft));
        $unknown = $this->words->take($thing, $draft);
        $right = [] === $unknown ? $thing : $this->mistyped->putRight($thing, $unknown, $draft);
        if ($right !== $thing) {
            [$thing, $unknown] = [$right, $this->words->take($right, $draft)];
        }
        $unsure = $this->naming->unsureOf($thing);
        if (null !== $unsure && null !== $draft->kind) {
            $draft->guesses[] = sprintf('Taken for %s, by the word “%s”.', $draft->kind->withArticle(), $unsure);
        }
        $said = $this->takeBehind($by, $behind, $draft);
        if (PieceKind::Lights === $draft->kind && $draft->isCountOfParts) {
            $behind = trim($behind . ", {$draft->count} lights", ', ');
            $by = '' === $by ? ',' : $by;
            $draft->count = 1;
        }
        if (!$isNamed) {
            [$left, $thing] = $this->counts->takeLeft([...$unknown, ...$said], $thing, $draft);
            $left = $draft->isMany ? $left : $this->measures->takeLeft($left, $draft);
            $draft->name = $this->naming->name($thing, '' === $behind || 'from' === $by ? '' : (',' === $by ? ', ' : " {$by} ") . $behind);
            $draft->unknown = [...$draft->unknown, ...array_values(array_filter($left, static fn(string $word): bool => 1 === preg_match('/\pL{2}/u', $word)))];
            $this->askAboutNumbers($left, $draft);
        } elseif ([] !== $unknown) {
            $draft->care[] = implode(' ', $unknown); // the name is taken as it is, and nothing is lost
        }
    }

    /**
     * What stands behind is about a part of the thing: its kind, its shape and, unless it is worn beside a colour of its own, its colours are not those of the thing.
     *
     * @return list<string> words that say nothing
     */
    private function takeBehind(string $by, string $behind, Draft $draft): array
    {
        if ('' === $behind) {
            return [];
        }
        $thing = clone $draft;
        $said = $this->words->take($behind, $draft);
        [$draft->kind, $draft->nearest, $draft->shape] = [$thing->kind, $thing->nearest, $thing->shape];
        if ('of' !== $by && ([] !== $thing->materials || Completion::hasUsualMaterial($thing->kind))) {
            $draft->materials = $thing->materials; // a base of jute makes no tree of it
        }
        if (!\in_array($by, ['with', 'of'], true) || ('with' === $by && [] === $thing->colours && [] === $thing->materialColours)) {
            [$draft->colours, $draft->materialColours] = [$thing->colours, $thing->materialColours];
        }
        if ('with' === $by && 1 === preg_match('/\b(?:chips?|cracks?|dents?|stains?|scratch(?:es)?|tears?|holes?|rust)\b/iu', $behind)) {
            $draft->care[] = 'with ' . $behind;
        }
        if ('from' === $by && [] !== $said) {
            $draft->care[] = 'from ' . $behind;
        }

        return $said;
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
            if (1 === preg_match('/\d/', $word) && 1 !== preg_match('/^(?:no\.?\d+|(?:19|20)\d\d|\d+-?(?:tier|light|arm|drawer|hook)e?d?)$/iu', $word)) {
                $without = trim((string) preg_replace('/(?<!\w)' . preg_quote($word, '/') . '(?!\w)\s*/u', '', $draft->line, 1), ' ,');
                $isCount = 1 === preg_match('/^\d{1,3}$/', $word);
                $draft->questions[] = new Question('count', sprintf('What is “%s”?', $word), [...($isCount ? [new Reply($word . ' of them', $word . ' ' . $without), new Reply($this->measures->written($word), $without . ', ' . $this->measures->written($word))] : []), new Reply('leave it out', $without)]);
            }
        }
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
            $draft->assumed,
            $draft->unknown,
        );
    }
}
