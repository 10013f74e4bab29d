<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * What one cost, what it would cost again, what it weighs or how many there are is at least, or at most, so much; what nobody wrote down meets neither.
 *
 * @internal
 */
final readonly class AmountCondition implements Condition
{
    /** @param 'cost'|'worth'|'weight'|'count' $of minor units, grams, or units */
    public function __construct(private string $of, private int $limit, private bool $isMost, private string $words) {}

    public function met(SearchCard $card): ?string
    {
        $amount = match ($this->of) {
            'cost' => $card->cost,
            'worth' => max($card->worth, $card->cost),
            'weight' => $card->grams,
            'count' => $card->count,
        };

        return 0 < $amount && ($this->isMost ? $amount <= $this->limit : $amount >= $this->limit) ? $this->words : null;
    }

    public function asked(): string
    {
        return $this->words;
    }
}
