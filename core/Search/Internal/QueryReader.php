<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Search\Condition;

/**
 * Takes a question apart: sizes, idleness and places by their phrases, the rest word by word.
 *
 * @internal
 */
final class QueryReader
{
    private const LENGTH = '((?:\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?|\d+\/\d+)\s*(?:inches|inch|in\b|"|ft\b|feet|cm\b|mm\b|m\b)?)';
    private const MOST = 'under|below|less than|at most|up to|no more than|shorter than|lower than|narrower than';
    private const LEAST = 'over|above|more than|at least|taller than|higher than|wider than|longer than';
    private const STOPS = ['a', 'an', 'the', 'in', 'on', 'at', 'of', 'and', 'with', 'for', 'from', 'my', 'all', 'any', 'that', 'is', 'are', 'where', 'what', 'tote', 'seasons', 'season'];
    private const PLACES = ['lent out' => [['lent'], 'lent out'], 'lent' => [['lent'], 'lent out'], 'lost' => [['lost'], 'lost'], 'out now' => [['spot', 'table'], 'out now'], 'in store' => [['tote', 'loose'], 'in store'], 'by the door' => [['arrived'], 'by the door']];

    private readonly LengthText $lengths;
    private bool $asksForColour = false;

    public function __construct(LengthUnit $unit, private readonly ColourNames $names)
    {
        $this->lengths = new LengthText($unit);
    }

    public function asksForColour(): bool
    {
        return $this->asksForColour;
    }

    /** @return list<Condition> */
    public function read(string $text): array
    {
        $conditions = [];
        $text = $this->taken('/\bfits? (?:in|into|on)\s+' . self::LENGTH . '(?:\s*(?:x|×|by)\s*' . self::LENGTH . ')?/u', $text, function (array $m) use (&$conditions): bool {
            return $this->add($conditions, 'width', $m[1], true) && $this->add($conditions, 'height', $m[2] ?? $m[1], true);
        });
        $text = $this->taken('/\b(' . self::MOST . '|' . self::LEAST . ')\s+' . self::LENGTH . '(?:\s+(wide|deep|high|tall|long))?/u', $text, function (array $m) use (&$conditions): bool {
            return $this->add($conditions, $this->side($m[1], $m[3] ?? ''), $m[2], \in_array($m[1], explode('|', self::MOST), true));
        });
        $text = $this->taken('/\b(?:not used|unused|idle)(?: (?:for|in))?\s+(\d{1,2})\s*(years?|seasons?|swaps?)/u', $text, static function (array $m) use (&$conditions): bool {
            $conditions[] = new IdleCondition((int) $m[1] * (str_starts_with($m[2], 'year') ? 4 : 1));

            return true;
        });
        $text = $this->taken('/\b(?:never used|never stood|unused)\b/u', $text, static function () use (&$conditions): bool {
            $conditions[] = new IdleCondition(null);

            return true;
        });
        foreach (self::PLACES as $phrase => [$kinds, $words]) {
            $text = $this->taken('/\b' . $phrase . '\b/u', $text, static function () use (&$conditions, $kinds, $words): bool {
                $conditions[] = new PlaceCondition($kinds, $words);

                return true;
            });
        }

        return [...$conditions, ...$this->words($text)];
    }

    /** @return list<Condition> */
    private function words(string $text): array
    {
        $words = preg_split('/[\s,;]+/u', $text, -1, \PREG_SPLIT_NO_EMPTY);
        $words = false === $words ? [] : $words;
        $conditions = [];
        for ($i = 0; $i < \count($words); ++$i) {
            $pair = isset($words[$i + 1]) ? $words[$i] . ' ' . $words[$i + 1] : '';
            $colour = $this->names->read($pair);
            if (null === $colour && \in_array($words[$i], self::STOPS, true)) {
                continue;
            }
            $word = null === $colour ? $words[$i] : $pair;
            $i += null === $colour ? 0 : 1;
            $colour ??= $this->names->read($word);
            $this->asksForColour = $this->asksForColour || null !== $colour;
            $conditions[] = new WordCondition($word, Lexicon::singular($word), $colour, null !== Lexicon::material($word));
        }

        return $conditions;
    }

    /**
     * @param list<Condition>          $conditions
     * @param 'width'|'depth'|'height' $side
     */
    private function add(array &$conditions, string $side, string $length, bool $isMost): bool
    {
        try {
            $limit = $this->lengths->read($length);
        } catch (InvalidMeasure) {
            return false; // then it is no size, and its words are looked for as words
        }
        $conditions[] = new SizeCondition($side, $limit, $isMost, sprintf('%s %s %s', $isMost ? 'at most' : 'at least', $this->lengths->write($limit), ['width' => 'wide', 'depth' => 'deep', 'height' => 'high'][$side]));

        return true;
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

    /** @param \Closure(array<string>): bool $take */
    private function taken(string $pattern, string $text, \Closure $take): string
    {
        return (string) preg_replace_callback($pattern, static fn(array $match): string => $take($match) ? ' ' : $match[0], $text);
    }
}
