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
use BrightCupboard\Core\Intake\Internal\Readings;
use BrightCupboard\Core\Intake\Internal\Remarks;
use BrightCupboard\Core\Intake\Internal\SeveralThings;
use BrightCupboard\Core\Intake\Internal\ThingPhrase;
use BrightCupboard\Core\Intake\Internal\WordPhrases;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Material;

/**
 * Reads one line of text as a piece: "3 brass candlesticks 9 in, attic A2, $4 each, thrifted".
 *
 * Prices, measures and the count are found wherever they stand; what is left is read phrase by phrase, between
 * commas. What a line leaves out is completed by the usual and said; what could mean two things is asked back.
 */
final readonly class IntakeLine
{
    /** A name between quotation marks, not what is written on the thing and not a measure. */
    private const QUOTED = '/(?<![\d\w])(?<!name )(?<!named )(?<!says )(?<!reads )(?<!word )[“"]([^“”"\d][^“”"]*)[”"]/u';
    /** What is between quotation marks is printed on such a thing. */
    private const PRINTED = '/\b(?:signs?|(?:door)?mats?|pillows?|cushions?|banners?|bunting|plaques?|towels?|mugs?|letters|boards?|flags?|prints?|posters?'
        . '|crates?)\b/iu';
    /** Stands for what is printed on a thing, so that none of it is read as a colour, a size or a note. */
    private const PRINT = "\u{E000}";
    private const NOTED = '/[,;]\s*(?:care|note|nb|ps):\s*(\S.*)$/iu';
    private const MOST_CHARACTERS = 300;

    private Notation $notation;
    private CountWords $counts;
    private MeasureWords $measures;
    private PriceWords $prices;
    private PlaceWords $places;
    private WordPhrases $words;
    private ThingPhrase $thing;
    private Mistyped $mistyped;
    private Remarks $remarks;
    private Completion $completion;

    /** @param list<KnownPlace> $places */
    public function __construct(private LengthUnit $unit, string $currency, array $places, private ColourNames $names)
    {
        $this->notation = new Notation($currency);
        $this->counts = new CountWords();
        $this->measures = new MeasureWords($unit);
        $this->prices = new PriceWords($currency);
        $this->places = new PlaceWords($places);
        $this->words = new WordPhrases($names);
        $this->mistyped = new Mistyped($names, $this->places);
        $this->remarks = new Remarks($this->measures);
        $this->thing = new ThingPhrase(new Naming($names), $this->words, $this->mistyped, $this->remarks, $this->counts, $this->measures);
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
        $several = mb_strlen($line) > self::MOST_CHARACTERS
            ? []
            : SeveralThings::lines($this->notation->plain($line), LengthUnit::Inch === $this->unit ? 'in' : 'cm');
        $draft = $this->begun($several[0] ?? $line);
        if ('' === $line || mb_strlen($line) > self::MOST_CHARACTERS) {
            $draft->questions[] = new Question(
                'line',
                '' === $line
                    ? 'Write what it is, such as: 3 brass candlesticks 9 in, attic A2, $4 each.'
                    : sprintf('A line has at most %d characters. Put the rest into the care note afterwards.', self::MOST_CHARACTERS),
            );

            return Readings::of($draft, []);
        }
        $this->prices->settle($draft);
        $this->completion->complete($draft);
        $draft->name .= $draft->look;
        if ([] !== $several) {
            $draft->questions = [SeveralThings::question($this->notation->plain($line), $several)]; // the others are asked of each
        }
        OneQuestion::leave($draft);

        return Readings::of($draft, $this->completion->shares($draft));
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
        $text = $this->takeName($this->withoutNote($draft->line, $draft), $draft);
        $text = $this->counts->take($text, $draft);
        $text = $this->prices->take($text, $draft);
        $text = Remarks::withoutLead($text, $draft);
        $text = $this->measures->take($text, $draft);
        $isNamed = '' !== $draft->name;
        foreach (self::split('/[,;](?!\d)|(?<=\pL)(?<!care)(?<!note)(?<!nb)(?<!ps):\s|\s-\s/u', $text) as $i => $phrase) {
            $this->takePhrase(trim($phrase, " \t.-"), 0 === $i, $isNamed, $draft);
        }
        $shown = static fn(string $said): string => str_replace(self::PRINT, $draft->printed, $said);
        [$draft->name, $draft->look, $draft->care] = [$shown($draft->name), $shown($draft->look), array_map($shown, $draft->care)];

        return $draft;
    }

    /** What is called a note is one, whatever figures it holds; a price or a place behind it is none. */
    private function withoutNote(string $line, Draft $draft): string
    {
        return (string) preg_replace_callback(self::NOTED, function (array $match) use ($draft): string {
            $note = $behind = [];
            foreach (self::split('/,\s+/u', $match[1]) as $i => $phrase) {
                $isBehind = 0 < $i && (1 === preg_match('/^[$€£]\s?\d/u', $phrase) || null !== $this->placeOf($phrase));
                $isBehind ? $behind[] = $phrase : $note[] = $phrase;
            }
            $draft->care[] = implode(', ', $note);

            return [] === $behind ? '' : ', ' . implode(', ', $behind);
        }, $line, 1);
    }

    /** A name between quotation marks is taken as it is. */
    private function takeName(string $line, Draft $draft): string
    {
        if (1 === preg_match(self::PRINTED, $line)) {
            return (string) preg_replace_callback(self::QUOTED, static function (array $match) use ($draft): string {
                $draft->printed = $match[0];

                return self::PRINT;
            }, $line, 1);
        }

        return (string) preg_replace_callback(self::QUOTED, static function (array $match) use ($draft): string {
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
            $this->thing->take($this->withoutPlace($phrase, $draft), $isNamed, $draft);

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
            [$draft->kind, $draft->kindWord, $draft->nearest] = [$before->kind, $before->kindWord, $before->nearest];
        }
        if ([] === $unknown && $this->namesAPlant($phrase)) {
            $draft->look .= ', ' . $phrase; // "garland, faux cedar"
        }
        if ([] !== $unknown) {
            $draft->restore($before); // half of what it says is not what it says
            $this->remarks->keep($phrase, $draft);
        }
    }

    /** Words like "moss" are colours, too, and say no more than that. */
    private function namesAPlant(string $phrase): bool
    {
        return [] !== array_filter(
            array_diff(explode(' ', mb_strtolower($phrase)), ['faux', 'artificial', 'fake', 'real', 'fresh', 'live', 'dried']),
            fn(string $word): bool => null === $this->names->read($word) && (Lexicon::isGrown($word) || Material::FauxGreenery === Lexicon::material($word)),
        );
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
}
