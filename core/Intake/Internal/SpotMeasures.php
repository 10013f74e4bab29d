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
    private const NUMBER = '\d+(?:[.,]\d+)?(?:[\s-]+\d+\/\d+)?|\d+\/\d+';
    private const UNIT = '(?:inches|inch|in\b|″|"|”|feet|foot|ft\b|′|\'|mm\b|cm\b|m\b)?';
    private const SIDES = ['clear height' => 'clearHeight', 'clear above' => 'clearHeight', 'clear' => 'clearHeight', 'above' => 'clearHeight', 'off the floor' => 'ledgeHeight', 'from the floor' => 'ledgeHeight', 'from floor' => 'ledgeHeight', 'high' => 'ledgeHeight', 'tall' => 'ledgeHeight', 'up' => 'ledgeHeight', 'h' => 'ledgeHeight', 'wide' => 'width', 'long' => 'width', 'across' => 'width', 'w' => 'width', 'l' => 'width', 'deep' => 'depth', 'd' => 'depth'];

    /** @var array<string, Length> by side: width, depth, ledgeHeight, clearHeight */
    public array $sides = [];
    public bool $isOpenAbove = false;
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
        $number = '(?:' . self::NUMBER . ')\s*' . self::UNIT . '(?:\s*(?:' . self::NUMBER . ')\s*(?:inches|inch|in\b|″|"|”|cm\b))?';
        $sides = implode('|', array_map(static fn(string $word): string => str_replace(' ', '\s+', $word), array_keys(self::SIDES)));
        $phrase = $this->replaced("/(?<![\\w.])({$number})\\s*(?:x|×|by)\\s*({$number})(?:\\s*(?:x|×|by)\\s*({$number}))?/iu", $phrase, $this->box(...));
        $phrase = $this->replaced("/(?<![\\w.])({$number})\\s*({$sides})(?!\\w)/iu", $phrase, fn(array $m): bool => $this->side(self::SIDES[(string) preg_replace('/\s+/', ' ', mb_strtolower($m[2]))], $m[1]));
        $phrase = $this->replaced("/(?<!\\w)(wide|long|deep|high|clear)\\s*:?\\s*({$number})/iu", $phrase, fn(array $m): bool => $this->side(self::SIDES[mb_strtolower($m[1])], $m[2]));
        $phrase = $this->replaced('/(?<!\w)(nothing above|open above|no clear height|to the ceiling)(?!\w)/iu', $phrase, function (): bool {
            $this->isOpenAbove = true;

            return true;
        });

        return trim($this->replaced("/(?<![\\w.-])({$number})(?![\\w-])/iu", $phrase, fn(array $m): bool => !isset($this->sides['width']) && $this->side('width', $m[1])));
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
