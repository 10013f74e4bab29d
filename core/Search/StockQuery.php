<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Measure\LengthUnit;

/**
 * What somebody looks for, in their own words: "brass under 10 in", "not used for 2 years", "sage cushion attic", "fits in 12 in", "fits on the mantel".
 *
 * Every part must be met. What is found by its name comes first, then by how early the name says it, then by name. Nothing is
 * answered with silence: see among().
 */
final readonly class StockQuery
{
    /** Pieces that miss one thing are kept up to so many, and shown up to so many below no more than a few that miss none. */
    private const MOST_NEAR = 200;
    private const NEAR_SHOWN = 6;
    private const FEW = 6;

    /** @param list<Condition> $conditions */
    private function __construct(
        public string $text,
        public array $conditions,
        public bool $asksForColour,
        public Asking $asking,
        private ?Superlative $superlative = null,
    ) {}

    /**
     * @param list<Opening>         $openings totes and spots that something may be asked to fit
     * @param \DateTimeImmutable|null $today   to know what is new; null where nobody asks for days
     * @param array<string, string> $words    of the home: what they mean there, such as boho => "wicker, dried, cream"
     */
    public static function read(
        string $text,
        LengthUnit $unit,
        ColourNames $names,
        array $openings = [],
        array $words = [],
        ?\DateTimeImmutable $today = null,
    ): self {
        $reader = new Internal\QueryReader($unit, $names, $openings, $words, $today);
        $plain = mb_strtolower(trim(mb_substr($text, 0, 200)));

        $superlative = Superlative::of($plain);

        return new self(
            $plain,
            $reader->read(null === $superlative ? $plain : str_replace($superlative->word, ' ', $plain)),
            $reader->asksForColour(),
            Asking::of($plain),
            $superlative,
        );
    }

    public function isEmpty(): bool
    {
        return [] === $this->conditions && null === $this->superlative;
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
            foreach (self::single($this->conditions) as $condition) {
                if (
                    ($condition instanceof Internal\PlaceCondition && $condition->isOf(explode(':', $key, 2)[0]))
                    || ($condition instanceof Internal\WordCondition && $condition->isIn($called))
                ) {
                    $asked[] = $key;
                    break;
                }
            }
        }

        return $asked;
    }

    /**
     * @param list<Condition> $conditions
     *
     * @return list<Condition> with those that stand inside others
     */
    private static function single(array $conditions): array
    {
        return array_merge(...array_map(static fn(Condition $one): array => match (true) {
            $one instanceof Internal\AnyCondition => self::single($one->conditions),
            $one instanceof Internal\NotCondition => self::single([$one->condition]),
            default => [$one],
        }, $conditions));
    }

    /**
     * What meets all that is asked, best first. A word that no piece is known by is left out and said. Where nothing meets
     * all of the rest, what misses one thing only, saying which.
     *
     * @param \Closure(): iterable<SearchCard> $cards read once, and again where nothing meets all of it: thousands are not kept
     */
    public function among(\Closure $cards): Answered
    {
        $all = array_keys($this->conditions);
        $meeting = $missing = [];
        $totals = new Totals();
        foreach ($this->isEmpty() ? [] : $cards() as $card) {
            [$met, $misses] = $this->meets($card);
            if (0 === $misses) {
                $meeting[] = [$card, $met];
            } elseif (1 === $misses && null === $this->superlative && \count($missing) < self::MOST_NEAR && $this->isAlmost($card, $met)) {
                $missing[] = [$card, $met];
            }
        }
        $meeting = $this->superlative?->among($meeting) ?? $meeting;
        foreach ($meeting as [$card]) {
            $totals = $totals->with($card);
        }
        if ([] === $meeting && !$this->isEmpty()) {
            return $this->nearest($cards);
        }
        // What almost does it stands below, where there is room to look at it.
        $near = \count($meeting) > self::FEW ? [] : \array_slice($this->ranked($missing, $all, 1), 0, self::NEAR_SHOWN);

        return new Answered([...$this->ranked($meeting, $all, 0), ...$near], [], $totals);
    }

    /** @param list<string|null> $met */
    private function isAlmost(SearchCard $card, array $met): bool
    {
        $missed = $this->conditions[(int) array_search(null, $met, true)];

        return $missed instanceof Internal\Almost && $missed->isAlmostMet($card);
    }

    /**
     * @return array{list<string|null>, int} why, condition by condition, and how many are not met; given up at a word, or at the second
     *                                       measure: most pieces are left there
     */
    private function meets(SearchCard $card): array
    {
        $why = [];
        $misses = 0;
        foreach ($this->conditions as $condition) {
            $why[] = $met = $condition->met($card);
            $misses += null === $met ? 1 : 0;
            // Almost is only what misses a measure: where a word is missed, it is no use to look on.
            if ($misses > 1 || (null === $met && !$condition instanceof Internal\Almost)) {
                break;
            }
        }

        return [$why, \count($why) < \count($this->conditions) ? 2 : $misses];
    }

    /**
     * Nothing meets all of it: with mistyped words put right, without the words that nothing is known by, and then with one thing missed.
     *
     * @param \Closure(): iterable<SearchCard> $cards
     */
    private function nearest(\Closure $cards): Answered
    {
        $hits = array_fill(0, \count($this->conditions), 0);
        $seen = [];
        foreach ($cards() as $card) {
            $met = [];
            foreach ($this->conditions as $i => $condition) {
                $met[$i] = $condition->met($card);
                $hits[$i] += null === $met[$i] ? 0 : 1;
            }
            if ([] !== array_filter($met, \is_string(...))) {
                $seen[] = [$card, $met];
            }
        }
        $right = array_map(fn(int $i): ?Condition => 0 === $hits[$i] ? self::putRight($this->conditions[$i]) : null, array_keys($this->conditions));
        if ([] !== array_filter($right)) {
            return (new self(
                $this->text,
                array_map(static fn(?Condition $right, Condition $asked): Condition => $right ?? $asked, $right, $this->conditions),
                $this->asksForColour,
                $this->asking,
                $this->superlative,
            ))->among($cards);
        }
        $unknown = array_keys(array_filter(
            $hits,
            fn(int $count, int $i): bool => 0 === $count && self::isOfWords($this->conditions[$i]),
            \ARRAY_FILTER_USE_BOTH,
        ));
        $asked = array_values(array_diff(array_keys($this->conditions), $unknown));
        $found = $this->ranked($seen, $asked, 0);
        $totals = array_reduce(
            array_filter($seen, static fn(array $one): bool => [] !== $asked && [] === array_filter($asked, static fn(int $i): bool => null === $one[1][$i])),
            static fn(Totals $totals, array $one): Totals => $totals->with($one[0]),
            new Totals(),
        );

        return new Answered(
            [] === $found && \count($asked) > 1 ? $this->nearestOnes($seen, $asked) : $found,
            array_map(fn(int $i): string => $this->conditions[$i]->asked(), $unknown),
            $totals,
        );
    }

    /**
     * What misses one thing: rather how large or where it is than what it is.
     *
     * @param list<array{SearchCard, array<int, string|null>}> $seen
     * @param list<int>                                        $asked
     *
     * @return list<Found>
     */
    private function nearestOnes(array $seen, array $asked): array
    {
        $words = array_values(array_filter($asked, fn(int $i): bool => self::isOfWords($this->conditions[$i])));
        $are = array_values(array_filter($seen, static fn(array $one): bool => [] === array_filter($words, static fn(int $i): bool => null === $one[1][$i])));
        $near = [] === $words ? [] : $this->ranked($are, $asked, 1);

        return [] === $near ? $this->ranked($seen, $asked, 1) : $near;
    }

    private static function isOfWords(Condition $condition): bool
    {
        return (
            $condition instanceof Internal\WordCondition
            && !$condition->isColour()
        ) || ($condition instanceof Internal\AnyCondition && $condition->isOfWords());
    }

    private static function putRight(Condition $condition): ?Condition
    {
        if ($condition instanceof Internal\AnyCondition) {
            $right = array_map(self::putRight(...), $condition->conditions);

            return [] === array_filter($right)
                ? null
                : new Internal\AnyCondition(array_map(
                    static fn(?Condition $right, Condition $asked): Condition => $right ?? $asked,
                    $right,
                    $condition->conditions,
                ));
        }

        return $condition instanceof Internal\WordCondition ? $condition->putRight() : null;
    }

    /**
     * What must not be so is never passed over, and something that is asked for has to be there.
     *
     * @param list<int> $asked
     * @param list<int> $failed
     */
    private function isNear(array $asked, array $failed): bool
    {
        $isNot = fn(int $i): bool => $this->conditions[$i] instanceof Internal\NotCondition;

        return [] === array_filter($failed, $isNot) && \count(array_filter($asked, static fn(int $i): bool => !$isNot($i))) > \count($failed);
    }

    /**
     * @param list<array{SearchCard, array<int, string|null>}> $seen
     * @param list<int>                                        $asked conditions that count
     * @param int                                              $misses how many of them may fail
     *
     * @return list<Found>
     */
    private function ranked(array $seen, array $asked, int $misses): array
    {
        $found = $ranks = $names = $ids = [];
        foreach ([] === $asked && [] !== $this->conditions ? [] : $seen as [$card, $met]) {
            $failed = array_values(array_filter($asked, static fn(int $i): bool => null === $met[$i]));
            $isPassedOver = \count($failed) !== $misses || ($misses > 0 && !$this->isNear($asked, $failed));
            if ($isPassedOver) {
                continue;
            }
            $why = array_values(array_filter(array_map(static fn(int $i): string => $met[$i] ?? '', $asked), static fn(string $one): bool => '' !== $one));
            $at = strpos($card->name, $this->text);
            $found[] = new Found($card->id, $why, array_map(fn(int $i): string => $this->conditions[$i]->asked(), $failed), $card->count);
            [$ranks[], $names[], $ids[]] = [
                ($card->name === $this->text ? 0 : 1) + (false === $at ? 1000 : $at) + 10_000 * \count($why),
                $card->name,
                $card->id,
            ];
        }
        array_multisort($ranks, \SORT_ASC, \SORT_NUMERIC, $names, \SORT_ASC, \SORT_STRING, $ids, \SORT_ASC, \SORT_STRING, $found);

        return $found;
    }
}
