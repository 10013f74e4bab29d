<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * What somebody looks for, in their own words: "brass under 10 in", "not used for 2 years", "sage cushion attic", "fits in 12 in".
 *
 * Every part must be met. What is found by its name comes first, then by how early the name says it, then by name.
 */
final readonly class StockQuery
{
    /** @param list<Condition> $conditions */
    private function __construct(public string $text, public array $conditions, public bool $asksForColour) {}

    public static function read(string $text, LengthUnit $unit, ColourNames $names): self
    {
        $reader = new Internal\QueryReader($unit, $names);
        $plain = mb_strtolower(trim(mb_substr($text, 0, 200)));

        return new self($plain, $reader->read($plain), $reader->asksForColour());
    }

    public function isEmpty(): bool
    {
        return [] === $this->conditions;
    }

    /**
     * The places it matters to know the pieces at: those of a kind that is asked for, and those a word may name.
     *
     * @param array<string, string> $places what each place is called, in lower case, by its key
     *
     * @return list<string> keys
     */
    public function placesAsked(array $places): array
    {
        $asked = [];
        foreach ($places as $key => $called) {
            foreach ($this->conditions as $condition) {
                if (($condition instanceof Internal\PlaceCondition && $condition->isOf(explode(':', $key, 2)[0])) || ($condition instanceof Internal\WordCondition && $condition->isIn($called))) {
                    $asked[] = $key;
                    break;
                }
            }
        }

        return $asked;
    }

    /**
     * @param iterable<SearchCard> $cards
     *
     * @return list<Found> best first; none when nothing is asked
     */
    public function among(iterable $cards): array
    {
        $found = $ranks = $names = $ids = [];
        foreach ($this->isEmpty() ? [] : $cards as $card) {
            $why = $this->why($card);
            if (null !== $why) {
                $at = strpos($card->name, $this->text);
                $found[] = new Found($card->id, $why);
                [$ranks[], $names[], $ids[]] = [($card->name === $this->text ? 0 : 1) + (false === $at ? 1000 : $at) + 10_000 * \count($why), $card->name, $card->id];
            }
        }
        array_multisort($ranks, \SORT_ASC, \SORT_NUMERIC, $names, \SORT_ASC, \SORT_STRING, $ids, \SORT_ASC, \SORT_STRING, $found);

        return $found;
    }

    /** @return list<string>|null */
    private function why(SearchCard $card): ?array
    {
        $why = [];
        foreach ($this->conditions as $condition) {
            $met = $condition->met($card);
            if (null === $met) {
                return null;
            }
            if ('' !== $met) {
                $why[] = $met;
            }
        }

        return $why;
    }
}
