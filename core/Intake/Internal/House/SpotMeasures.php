<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * Takes the measures of a spot or a tote out of a phrase: "64 x 8 in", "54 high", "30 clear", "8 ft ceiling", "nothing above", "seats 6-8".
 *
 * @internal
 */
final class SpotMeasures
{
    public const NUMBER = '\d+(?:[.,]\d+)?(?:[\s-]+\d+\/\d+)?|\d+\/\d+';
    public const UNIT = '(?:inches|inch|in\b|″|"|”|feet|foot|ft\b|′|\'|mm\b|cm\b|m\b)?';
    /** What is said behind a measure. */
    private const SIDES = [
        'each' => 'apart|spacing|btwn|btw|between(?:\s+(?:boards|shelves|them))?|(?:high|tall|clear)\s+each|each(?!\s+(?:side|end))',
        'clear' => 'clear(?:ance)?(?:\s+(?:height|above|to\s+(?:the\s+)?ceiling))?|headroom|free\s+above'
            . '|above(?!\s+(?:the\s+)?(?:floor|ground))(?:\s+it)?|over(?=\s*$)'
            . '|to\s+the\s+(?:cabinets?|shelf\s+above|beam|soffit)|to\s+ceiling|to\s+the\s+ceiling|under\s+(?:the\s+)?(?:cabinets?|uppers?|wall\s+units?)',
        'ceiling' => 'ceilings?',
        'up' => '(?:off|from|above|over)\s+(?:the\s+)?(?:floor|ground)|aff|up',
        'high' => 'high|tall|in\s+height|h',
        'width' => 'wide|long|in\s+(?:width|length)|w|l',
        'across' => 'across|diameter|diam|dia',
        'depth' => 'deep|thick|front\s+to\s+back|in\s+depth|d',
        'rise' => 'rise|rising',
    ];
    /** What is said before a measure. */
    private const BEFORE = [
        'clear' => 'clear(?:ance)?|headroom|(?:under|up\s+to)\s+the\s+(?:cabinets?|uppers?|shelf\s+above)', 'ceiling' => 'ceilings?',
        'high' => 'high|height|h|tall', 'each' => 'spaced|spacing|gaps?(?:\s+of)?|each(?:\s+(?:is|one))?', 'width' => 'wide|width|long|length|w|l',
        'depth' => 'deep|depth|d', 'across' => 'diameter|diam|dia',
        'up' => 'lowest(?:\s+(?:board|shelf|one|tier))?(?:\s+at)?|(?:lower|bottom)\s+edge(?:\s+(?:is\s+)?at)?|sill at|hung\s+at|starts\s+at|raised|up|at',
    ];
    /** The same, but said of what runs: before anything said behind a measure, for "runs 12 ft up 8". */
    private const RUNS = ['width' => 'runs?(?:\s+of)?', 'rise' => 'rises?|rising'];
    private const COUNTS = [
        'seats' => 'seats?|places|people|chairs|settings', 'posts' => 'posts?|newels?(?:\s+posts?)?', 'steps' => 'steps|stairs|treads|risers',
    ];
    /** Smaller than any spot, in inches: a bare figure like that numbers the thing, as in "window 2". */
    private const NO_SIZE = 6;

    /** Among centimetres nobody writes hundredths: "1.12" is metres. */
    private const METRES = '/^\d[.,]\d{2}$/';

    /** @var array<string, Length> by what is measured: width, depth, high, up, clear, ceiling, rise, each, back, across, bare */
    public array $sides = [];
    public bool $isOpenAbove = false;
    public ?int $seats = null;
    public ?int $posts = null;
    public ?int $steps = null;
    /** What was written as a measure and is none, in the words that say so. */
    public string $refusal = '';
    private LengthText $lengths;

    /**
     * @param bool $isByHeight of a tree or post a measure of which nothing more is said is its height, its width said or not
     * @param bool $isInMetres whether metres are written in the line, so that a small number with a part is of them, too
     */
    public function __construct(LengthUnit $unit, private readonly bool $isByHeight = false, private readonly bool $isInMetres = false)
    {
        $this->lengths = new LengthText($unit);
    }

    /** What is left of the phrase, with a gap of two spaces where something was taken out of it. */
    public function take(string $phrase): string
    {
        $by = '\s*(?:x|×|by)\s*';
        $number = '(?:' . self::NUMBER . ')\s*' . self::UNIT
            . '(?:\s*(?:(?:1[01]|\d)(?:[.,]\d+)?(?:[\s-]+\d+\/\d+)?\s*(?:inches|inch|in\b|″|"|”)|\d{1,2}(?:[.,]\d)?\s*cm\b))?';
        $phrase = $this->replaced(
            "/(?<!\\w)(?:with\\s+(?:an?\\s+)?)?(?:headboard|back)\\s+(?:is\\s+)?({$number})(?:\\s*(?:high|tall|up))?(?!\\w|\\s*(?:wide|long)\\b)/iu",
            $this->counts($phrase),
            fn(array $m): bool => $this->side('back', $m[1]),
        );
        $phrase = $this->replaced(
            "/(?<![\\w.])({$number}){$by}({$number})(?:{$by}({$number}))?(?:\\s*(?<last>high|tall|deep)(?!\\s+(?:each|\\d)))?(?!\\w)/iu",
            $phrase,
            $this->box(...),
        );
        $before = fn(string $words, string $side, string $phrase): string => $this->replaced(
            "/(?<!\\w)(?:{$words})\\s*[:=]?\\s*({$number})(?!\\w)/iu",
            $phrase,
            fn(array $m): bool => $this->side($side, $m[1]),
        );
        foreach (self::RUNS as $side => $words) {
            $phrase = $before($words, $side, $phrase);
        }
        foreach (self::SIDES as $side => $words) {
            $phrase = $this->replaced("/(?<![\\w.])({$number})\\s*(?:{$words})(?!\\w)/iu", $phrase, fn(array $m): bool => $this->side($side, $m[1]));
        }
        foreach (self::BEFORE as $side => $words) {
            $phrase = $before($words, $side, $phrase);
        }
        $phrase = $this->replaced('/(?<!\w)(?:nothing above|open above|no clear height|to the ceiling)(?!\w)/iu', $phrase, function (): bool {
            $this->isOpenAbove = true;

            return true;
        });

        return trim($this->replaced("/(?<![\\w.-])({$number})(?![\\w-])/iu", $phrase, fn(array $m): bool => $this->bare($m[1])));
    }

    /** "seats 6", "for 8", "6-8 chairs", "5 posts", "13 steps": what is counted and not measured. */
    private function counts(string $phrase): string
    {
        $none = '(?![\w.]|\s*(?:in|ft|cm|x|×|"))';
        $phrase = $this->replaced(
            "/\\b(?:seats|for)\\s+(\\d{1,2})(?:\\s*(?:-|–|to|or)\\s*\\d{1,2})?{$none}(?:\\s+people)?/iu",
            $phrase,
            fn(array $m): bool => $this->count('seats', (int) $m[1]),
        );
        foreach (self::COUNTS as $what => $forms) {
            $phrase = $this->replaced(
                "/(?<![\\w.-])(\\d{1,2})(?:\\s*(?:-|–|to|or)\\s*\\d{1,2})?\\s*(?:{$forms})\\b(?!\\s*(?:\\d+\\s*)?[x×])/iu",
                $phrase,
                fn(array $m): bool => $this->count($what, (int) $m[1]),
            );
        }

        return $phrase;
    }

    private function count(string $what, int $count): bool
    {
        match ($what) {
            'seats' => $this->seats = $count,
            'posts' => $this->posts = $count,
            default => $this->steps = $count,
        };

        return true;
    }

    /**
     * "60 x 16 high" has no depth.
     *
     * @param array<string> $match
     */
    private function box(array $match): bool
    {
        $last = mb_strtolower($match['last'] ?? '');
        $parts = '' === ($match[3] ?? '') ? [$match[1], $match[2]] : [$match[1], $match[2], $match[3]];
        $names = 2 === \count($parts) && \in_array($last, ['high', 'tall'], true) ? ['width', 'high'] : ['width', 'depth', 'high'];
        if ([] !== array_intersect_key($this->sides, array_flip(\array_slice($names, 0, \count($parts))))) {
            return false;
        }
        preg_match('/(inches|inch|in|″|"|”|feet|foot|ft|′|\'|mm|cm|m)\s*$/iu', $parts[\count($parts) - 1], $unit);
        if ([] === $unit && LengthUnit::Centimetre === $this->lengths->unit && self::areMetres($parts)) {
            $unit[1] = 'm';
        }
        foreach (array_combine(\array_slice($names, 0, \count($parts)), $parts) as $side => $part) {
            $hasUnit = 1 === preg_match('/[a-z″"”′\']\s*$/iu', $part);
            $this->side($side, $hasUnit ? $part : $part . ' ' . ($unit[1] ?? ''));
        }

        return true;
    }

    /**
     * "1.8 x 0.9": no spot is so small in centimetres.
     *
     * @param list<string> $parts
     */
    private static function areMetres(array $parts): bool
    {
        $small = array_filter($parts, static fn(string $part): bool => 1 === preg_match('/^\d(?:[.,]\d{1,2})?$/', trim($part)));

        return \count($small) === \count($parts) && 1 === preg_match('/[.,]/', implode(' ', $parts));
    }

    /** A measure of which nothing more is said: the main one of its kind, unless it was said already or is too small for any. */
    private function bare(string $text): bool
    {
        $isSaid = isset($this->sides['width']) || isset($this->sides['across']);
        if (isset($this->sides['bare']) || ($this->isByHeight ? isset($this->sides['high']) : $isSaid)) {
            return false;
        }
        if (1 === preg_match('/^\d$/', trim($text)) && (int) $text < self::NO_SIZE) {
            return false;
        }

        return $this->side('bare', $text);
    }

    /** What was said first holds; another figure for the same stays where it is, and is asked about. */
    private function side(string $side, string $text): bool
    {
        try {
            $plain = trim((string) preg_replace('/(?<=\d)-(?=\d)/', ' ', $text));
            $length = $this->lengths->read($plain . $this->impliedUnit($side, $plain));
            if (($this->sides[$side] ?? $length)->tenths() !== $length->tenths()) {
                return false;
            }
            $this->sides[$side] = $length;
        } catch (InvalidMeasure $refusal) {
            $this->refusal = $refusal->getMessage();
        }

        return true;
    }

    /** Nobody measures a ceiling or how far a stair rises in single centimetres or inches, or writes hundredths of centimetres. */
    private function impliedUnit(string $side, string $number): string
    {
        if (LengthUnit::Inch === $this->lengths->unit) {
            return match (true) {
                'ceiling' === $side && 1 === preg_match('/^(?:[6-9]|1\d)(?:[.,]\d)?$/', $number),
                'rise' === $side && 1 === preg_match('/^(?:\d|1[0-2])(?:[.,]\d)?$/', $number) => ' ft',
                default => '',
            };
        }
        $isInMetres = 1 === preg_match(self::METRES, $number) || (($this->isInMetres || 'ceiling' === $side) && 1 === preg_match('/^\d[.,]\d$/', $number));

        return $isInMetres ? ' m' : '';
    }

    /** @param \Closure(array<string>): bool $take false leaves the words where they are */
    private function replaced(string $pattern, string $text, \Closure $take): string
    {
        return (string) preg_replace_callback($pattern, static fn(array $match): string => $take($match) ? '  ' : $match[0], $text);
    }
}
