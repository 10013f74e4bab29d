<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Colour\ColourFamily;
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
    private const NOT = ['not', 'without', 'except', 'excluding'];
    private const STOPS = ['a', 'an', 'the', 'in', 'on', 'at', 'of', 'and', 'with', 'for', 'from', 'my', 'all', 'any', 'that', 'is', 'are', 'where', 'what', 'tote', 'seasons', 'season', 'thing', 'things', 'piece', 'pieces', 'stuff', 'something', 'anything', 'ones', 'which', 'show', 'me', 'find', 'how', 'many', 'much', 'there', 'do', 'we', 'i', 'have', 'has', 'own', 'owned', 'please', 'it', 'to', 'but', 'coloured', 'colored', 'colour', 'color', 'some', 'our', 'decor', 'made'];
    /** So heavy that people say so, and so little that they call it cheap (own values). */
    private const HEAVY_GRAMS = 4536;
    private const CHEAP = 1000;
    private const MONEY = '[$€£]?\s*(\d{1,6})(?:[.,](\d{2}))?';
    private const SAFE = [
        'safe for (?:the |our |my )?(?:dogs?|cats?|pets?|animals|puppy|kitten)' => [['toxic to pets'], 'safe for pets'],
        'safe for (?:the |our |my )?(?:children|kids|child|toddlers?|baby)' => [['breakable', 'small parts', 'button cells', 'open flame'], 'safe for children'],
    ];
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
        $text = $this->amounts($text, $conditions);
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
        $text = $this->taken('/\b(?:never (?:been )?(?:used|stood|out|put out|shown)|unused)\b/u', $text, static function () use (&$conditions): bool {
            $conditions[] = new IdleCondition(null);

            return true;
        });
        foreach (self::PLACES as $phrase => [$kinds, $words]) {
            $text = $this->taken('/\b' . $phrase . '\b/u', $text, static function () use (&$conditions, $kinds, $words): bool {
                $conditions[] = new PlaceCondition($kinds, $words);

                return true;
            });
        }

        foreach (self::SAFE as $phrase => [$hazards, $words]) {
            $text = $this->taken('/\b' . $phrase . '\b/u', $text, function () use (&$conditions, $hazards, $words): bool {
                $conditions[] = new NotCondition($this->any(array_map(static fn(string $hazard): Condition => new WordCondition($hazard, $hazard, null), $hazards)), $words);

                return true;
            });
        }

        return [...$conditions, ...$this->words($text)];
    }

    /** @param list<Condition> $conditions */
    private function amounts(string $text, array &$conditions): string
    {
        $bounds = '(' . self::MOST . '|' . self::LEAST . ')';
        $money = function (array $m) use (&$conditions): bool {
            /** @var array{string, string, string, string, 4?: string} $m */
            return $this->money($conditions, $m);
        };
        $text = $this->taken('/\b(worth|cost(?:s|ing)?|priced?)\s+' . $bounds . '\s+' . self::MONEY . '\b/u', $text, $money);
        $text = $this->taken('/()\b' . $bounds . '\s+[$€£]\s*(\d{1,6})(?:[.,](\d{2}))?\b/u', $text, $money);
        $text = $this->taken('/\bcheap\b/u', $text, static function () use (&$conditions): bool {
            $conditions[] = new AmountCondition('cost', self::CHEAP, true, 'cheap');

            return true;
        });

        return $this->taken('/\bheavy\b/u', $text, static function () use (&$conditions): bool {
            $conditions[] = new AmountCondition('weight', self::HEAVY_GRAMS, false, 'heavy');

            return true;
        });
    }

    /**
     * @param list<Condition>                                   $conditions
     * @param array{string, string, string, string, 4?: string} $m          all, the word, the bound, whole units and hundredths
     */
    private function money(array &$conditions, array $m): bool
    {
        $of = 'worth' === $m[1] ? 'worth' : 'cost';
        $isMost = \in_array($m[2], explode('|', self::MOST), true);
        $conditions[] = new AmountCondition($of, 100 * (int) $m[3] + (int) ($m[4] ?? 0), $isMost, sprintf('%s %s %s', $of, $isMost ? 'at most' : 'at least', $m[3]));

        return true;
    }

    /** @param non-empty-list<Condition> $conditions */
    private function any(array $conditions): Condition
    {
        return 1 === \count($conditions) ? $conditions[0] : new AnyCondition($conditions);
    }

    /** @return list<Condition> */
    private function words(string $text): array
    {
        $words = preg_split('/[\s,;?!.]+/u', $text, -1, \PREG_SPLIT_NO_EMPTY);
        $words = false === $words ? [] : $words;
        $conditions = [];
        [$isNot, $isOr] = [false, false];
        for ($i = 0; $i < \count($words); ++$i) {
            if (\in_array($words[$i], self::NOT, true) || ('no' === $words[$i] && isset($words[$i + 1]))) {
                $isNot = true;
                continue;
            }
            if ('or' === $words[$i]) {
                $isOr = [] !== $conditions;
                continue;
            }
            [$condition, $taken] = $this->word($words, $i);
            $i += $taken - 1;
            if (null === $condition) {
                continue;
            }
            $last = $isOr ? array_pop($conditions) : null;
            $condition = $isNot ? new NotCondition($condition, 'not ' . $condition->asked()) : $condition;
            $conditions[] = null === $last ? $condition : new AnyCondition([...($last instanceof AnyCondition ? $last->conditions : [$last]), $condition]);
            [$isNot, $isOr] = [false, false];
        }

        return $conditions;
    }

    /**
     * @param list<string> $words
     *
     * @return array{Condition|null, int} null for a word that says nothing; how many words it took
     */
    private function word(array $words, int $i): array
    {
        $pair = isset($words[$i + 1]) ? $words[$i] . ' ' . $words[$i + 1] : '';
        $colour = $this->names->read($pair);
        $isPair = null !== $colour || ('' !== $pair && null !== Lexicon::kind($pair));
        if (!$isPair && \in_array($words[$i], self::STOPS, true)) {
            return [null, 1];
        }
        $word = $isPair ? $pair : $words[$i];
        $colour ??= $this->names->read($word);
        $this->asksForColour = $this->asksForColour || null !== $colour || null !== ColourFamily::named($word);
        $same = array_values(array_unique(array_filter([Lexicon::kind($word)[0]->value ?? null, Lexicon::material($word)?->value, Lexicon::season($word)?->value, Lexicon::hazard($word)?->value], static fn(?string $same): bool => null !== $same && $same !== $word && $same !== Lexicon::singular($word))));

        return [new WordCondition($word, Lexicon::singular($word), $colour, null !== Lexicon::material($word), $same), $isPair ? 2 : 1];
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
