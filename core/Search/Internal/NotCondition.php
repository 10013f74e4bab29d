<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * What must not be so: "not glass", "without flame", "safe for the dog".
 *
 * @internal
 */
final readonly class NotCondition implements Condition
{
    public function __construct(public Condition $condition, private string $words) {}

    public function met(SearchCard $card): ?string
    {
        return null === $this->condition->met($card) ? '' : null;
    }

    public function asked(): string
    {
        return $this->words;
    }
}
