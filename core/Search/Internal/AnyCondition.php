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
final readonly class AnyCondition implements Condition
{
    /** @param non-empty-list<Condition> $conditions */
    public function __construct(public array $conditions) {}

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

    public function asked(): string
    {
        return implode(' or ', array_map(static fn(Condition $one): string => $one->asked(), $this->conditions));
    }
}
