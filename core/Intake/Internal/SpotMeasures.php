<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * Takes the measures of a spot or a tote out of a phrase: "64 x 8 in", "54 high", "30 clear", "nothing above", "5 ft wide".
 *
 * @internal
 */
final class SpotMeasures
{
    public const NUMBER = '\d+(?:[.,]\d+)?(?:[\s-]+\d+\/\d+)?|\d+\/\d+';
    public const UNIT = '(?:inches|inch|in\b|″|"|”|feet|foot|ft\b|′|\'|mm\b|cm\b|m\b)?';
    private const SIDES = [
        'clear height' => 'clearHeight', 'clear above' => 'clearHeight', 'clear' => 'clearHeight', 'above' => 'clearHeight',
        'off the floor' => 'ledgeHeight', 'from the floor' => 'ledgeHeight', 'from floor' => 'ledgeHeight', 'high' => 'ledgeHeight',
        'tall' => 'ledgeHeight', 'up' => 'ledgeHeight', 'h' => 'ledgeHeight', 'wide' => 'width', 'long' => 'width', 'across' => 'width',
        'w' => 'width', 'l' => 'width', 'deep' => 'depth', 'd' => 'depth', 'rise' => 'rise', 'rising' => 'rise', 'apart' => 'tier',
        'between' => 'tier',
    ];

    /** @var array<string, Length> by side: width, depth, ledgeHeight, clearHeight, rise, tier */
    public array $sides = [];
    public bool $isOpenAbove = false;
    public ?int $boards = null;
    public ?int $seats = null;
    public ?int $posts = null;
    /** What was written as a measure and is none, in the words that say so. */
    public string $refusal = '';
    private LengthText $lengths;

    public function __construct(LengthUnit $unit)
    {
        $this->lengths = new LengthText($unit);
    }

    /** What is left of the phrase. */
    public function take(string $phrase): string
    {
        $phrase = $this->counts($phrase);
        $number = '(?:' . self::NUMBER . ')\s*' . self::UNIT . '(?:\s*(?:' . self::NUMBER . ')\s*(?:inches|inch|in\b|″|"|”|cm\b))?';
        $sides = implode('|', array_map(static fn(string $word): string => str_replace(' ', '\s+', $word), array_keys(self::SIDES)));
        $phrase = $this->replaced("/(?<![\\w.])({$number})\\s*(?:x|×|by)\\s*({$number})(?:\\s*(?:x|×|by)\\s*({$number}))?/iu", $phrase, $this->box(...));
        $phrase = $this->replaced(
            "/(?<![\\w.])({$number})\\s*({$sides})(?!\\w)/iu",
            $phrase,
            fn(array $m): bool => $this->side(self::SIDES[(string) preg_replace('/\s+/', ' ', mb_strtolower($m[2]))], $m[1]),
        );
        $phrase = $this->replaced(
            "/(?<!\\w)(wide|long|deep|high|clear)\\s*:?\\s*({$number})/iu",
            $phrase,
            fn(array $m): bool => $this->side(self::SIDES[mb_strtolower($m[1])], $m[2]),
        );
        $phrase = $this->replaced('/(?<!\w)(nothing above|open above|no clear height|to the ceiling)(?!\w)/iu', $phrase, function (): bool {
            $this->isOpenAbove = true;

            return true;
        });

        return trim($this->replaced(
            "/(?<![\\w.-])({$number})(?![\\w-])/iu",
            $phrase,
            fn(array $m): bool => !isset($this->sides['width']) && $this->side('width', $m[1]),
        ));
    }

    /** "4 shelves", "seats 6", "5 posts", "round": what is counted and not measured. */
    private function counts(string $phrase): string
    {
        $phrase = $this->replaced(
            '/\b(?:seats|for)\s+(\d{1,2})(?![\w.]|\s*(?:in|ft|cm|x|×|"))/iu',
            $phrase,
            fn(array $m): bool => $this->count('seats', (int) $m[1]),
        );
        $words = ['boards' => 'shelves|shelfs|boards|tiers', 'seats' => 'seats?|places|people|chairs', 'posts' => 'posts?|newels?'];
        foreach ($words as $what => $forms) {
            $phrase = $this->replaced("/(?<![\\w.])(\\d{1,2})\\s*(?:{$forms})\\b/iu", $phrase, fn(array $m): bool => $this->count($what, (int) $m[1]));
        }

        return $this->replaced(
            '/(?<!\w)(?:rises?|rising)\s+(' . self::NUMBER . ')\s*(' . self::UNIT . ')/iu',
            $phrase,
            fn(array $m): bool => $this->side('rise', $m[1] . ' ' . $m[2]),
        );
    }

    private function count(string $what, int $count): bool
    {
        match ($what) {
            'boards' => $this->boards = $count,
            'seats' => $this->seats = $count,
            default => $this->posts = $count,
        };

        return true;
    }

    /** Of what is upright, a wall, a door, a tree, the second measure and "high" mean how high it is, not how far from the floor. */
    public function standUpright(bool $isFlat): void
    {
        if ($isFlat && isset($this->sides['depth'])) {
            $this->sides['clearHeight'] ??= $this->sides['depth'];
            unset($this->sides['depth']);
        }
        if (isset($this->sides['ledgeHeight'])) {
            $this->sides['clearHeight'] ??= $this->sides['ledgeHeight'];
            unset($this->sides['ledgeHeight']);
        }
    }

    /** @param array<string> $match */
    private function box(array $match): bool
    {
        $parts = \array_slice(array_values($match), 1);
        preg_match('/(inches|inch|in|″|"|”|feet|foot|ft|′|\'|mm|cm|m)\s*$/iu', $parts[\count($parts) - 1], $unit);
        foreach (array_combine(\array_slice(['width', 'depth', 'ledgeHeight'], 0, \count($parts)), $parts) as $side => $part) {
            $hasUnit = 1 === preg_match('/[a-z″"”′\']\s*$/iu', $part);
            $this->side($side, $hasUnit ? $part : $part . ' ' . ($unit[1] ?? ''));
        }

        return true;
    }

    private function side(string $side, string $text): bool
    {
        try {
            $this->sides[$side] = $this->lengths->read(trim((string) preg_replace('/(?<=\d)-(?=\d)/', ' ', $text)));
        } catch (InvalidMeasure $refusal) {
            $this->refusal = $refusal->getMessage();
        }

        return true;
    }

    /** @param \Closure(array<string>): bool $take false leaves the words where they are */
    private function replaced(string $pattern, string $text, \Closure $take): string
    {
        return (string) preg_replace_callback($pattern, static fn(array $match): string => $take($match) ? ' ' : $match[0], $text);
    }
}
