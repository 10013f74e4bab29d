<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Search\Condition;

/**
 * “Under 10 in”, “between 14 and 18 in wide”, “20 cm or smaller”, “fits in 12 x 9 in”, “6 ft garland”.
 *
 * @internal
 */
final readonly class SizePhrases
{
    private const NUMBER = '(?:\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?|\d+\/\d+)';
    private const UNIT = '(?:inches|inch|in\b|"|ft\b|foot\b|feet|cm\b|mm\b|m\b)';
    private const LENGTH = '(' . self::NUMBER . '\s*' . self::UNIT . '?)';
    private const SIDE = '(?:\s+(wide|deep|high|tall|long)\b)?';
    private const WORDS = ['width' => 'wide', 'depth' => 'deep', 'height' => 'high'];
    /** How far a size that is said may be off: people round to the half inch, and long things to the inch or two (own values). */
    private const OFF = 0.03;
    private const LEAST_OFF = 127;

    public function __construct(private LengthText $lengths) {}

    public function takeFrom(Phrases $phrases): void
    {
        $phrases->take(
            '\bfits? (?:in|into|on)\s+' . self::LENGTH . '(?:\s*(?:x|×|by)\s*' . self::LENGTH . ')?',
            fn(array $m): array => $this->within([['width', $m[1], true], ['height', $m[2] ?? $m[1], true]]),
        );
        $phrases->take('\bbetween\s+' . self::LENGTH . '\s*(?:and|to|-)\s*' . self::LENGTH . self::SIDE, fn(array $m): array => $this->within([
            [$this->side('', $m[3] ?? ''), $this->withUnitOf($m[1], $m[2]), false],
            [$this->side('', $m[3] ?? ''), $m[2], true],
        ]));
        $phrases->take(
            self::LENGTH . self::SIDE . '\s+or\s+(?:(less|under|smaller|shorter|lower|below)|more|over|bigger|larger|taller|higher|above)\b',
            fn(array $m): array => $this->within([[$this->side('', $m[2] ?? ''), $m[1], '' !== ($m[3] ?? '')]]),
        );
        $phrases->take(
            '\b' . Bound::WORDS . '\s+' . self::LENGTH . self::SIDE,
            fn(array $m): array => $this->within([[$this->side($m[1], $m[3] ?? ''), $m[2], Bound::isMost($m[1])]]),
        );
        $phrases->take(
            '(?<![\d.,])(' . self::NUMBER . '[\s-]*' . self::UNIT . ')' . self::SIDE,
            fn(array $m): array => $this->about(str_replace('-', ' ', $m[1]), $m[2] ?? ''),
        );
    }

    /**
     * @param list<array{'width'|'depth'|'height', string, bool}> $bounds side, length, whether it is the most
     *
     * @return list<Condition> none where one of the lengths is no length
     */
    private function within(array $bounds): array
    {
        $conditions = [];
        foreach ($bounds as [$side, $text, $isMost]) {
            $limit = $this->length($text);
            if (null === $limit) {
                return [];
            }
            $conditions[] = new SizeCondition(
                $side,
                $isMost ? 0 : $limit->tenths(),
                $isMost ? $limit->tenths() : \PHP_INT_MAX,
                sprintf('%s %s %s', $isMost ? 'at most' : 'at least', $this->lengths->write($limit), self::WORDS[$side]),
            );
        }

        return $conditions;
    }

    /** @return list<Condition> a size without a bound is the size of any side, or of the one that is said */
    private function about(string $text, string $side): array
    {
        $length = $this->length($text);
        if (null === $length) {
            return [];
        }
        $off = max(self::LEAST_OFF, (int) round(self::OFF * $length->tenths()));
        $words = 'about ' . $this->lengths->write($length);
        $sides = '' === $side ? ['width', 'depth', 'height'] : [$this->side('', $side)];

        return [new AnyCondition(
            array_map(
                static fn(string $of): Condition => new SizeCondition($of, $length->tenths() - $off, $length->tenths() + $off, $words . ' ' . self::WORDS[$of]),
                $sides,
            ),
            rtrim($words . ' ' . $side),
        )];
    }

    private function length(string $text): ?Length
    {
        try {
            return $this->lengths->read($text);
        } catch (InvalidMeasure) {
            return null; // then it is no size, and its words are looked for as words
        }
    }

    /** “between 14 and 18 in”: the first is in inches too. */
    private function withUnitOf(string $first, string $second): string
    {
        return 1 === preg_match('/[a-z"]$/u', trim($first)) ? $first : $first . preg_replace('/^[\d.,\/\s]+/u', '', $second);
    }

    /** @return 'width'|'depth'|'height' */
    private function side(string $bound, string $said): string
    {
        return match (true) {
            \in_array($said, ['wide', 'long'], true), \in_array($bound, ['narrower than', 'wider than', 'longer than'], true) => 'width',
            'deep' === $said => 'depth',
            default => 'height',
        };
    }
}
