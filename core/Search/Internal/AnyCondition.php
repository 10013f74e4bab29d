<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * One of several is enough: "brass or copper".
 *
 * @internal
 */
final readonly class AnyCondition implements Condition, Almost
{
    /**
     * @param non-empty-list<Condition> $conditions
     * @param string|null               $words what is asked, where that is shorter than to name them all
     */
    public function __construct(public array $conditions, private ?string $words = null) {}

    /** Whether all of them are words, which may be words that nothing is known by. */
    public function isOfWords(): bool
    {
        return [] === array_filter($this->conditions, static fn(Condition $one): bool => !$one instanceof WordCondition);
    }

    public function met(SearchCard $card): ?string
    {
        foreach ($this->conditions as $condition) {
            $met = $condition->met($card);
            if (null !== $met) {
                return $met;
            }
        }

        return null;
    }

    public function isAlmostMet(SearchCard $card): bool
    {
        return [] !== array_filter($this->conditions, static fn(Condition $one): bool => $one instanceof Almost && $one->isAlmostMet($card));
    }

    public function asked(): string
    {
        return $this->words ?? implode(' or ', array_map(static fn(Condition $one): string => $one->asked(), $this->conditions));
    }
}
