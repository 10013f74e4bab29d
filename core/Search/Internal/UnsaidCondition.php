<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * Nobody wrote down what it cost, or what it weighs.
 *
 * @internal
 */
final readonly class UnsaidCondition implements Condition
{
    /** @param 'price'|'weight' $of */
    public function __construct(private string $of) {}

    public function met(SearchCard $card): ?string
    {
        return 0 === ('price' === $this->of ? $card->cost : $card->grams) ? $this->asked() : null;
    }

    public function asked(): string
    {
        return 'no ' . $this->of;
    }
}
