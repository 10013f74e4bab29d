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
final readonly class AmountCondition implements Condition, Almost
{
    /** Up to such a part beyond the bound is almost so (own value). */
    private const BEYOND = 0.2;

    /** @param 'cost'|'worth'|'weight'|'count' $of minor units, grams, or units */
    public function __construct(private string $of, private int $limit, private bool $isMost, private string $words) {}

    public function met(SearchCard $card): ?string
    {
        $amount = $this->amount($card);

        return 0 < $amount && ($this->isMost ? $amount <= $this->limit : $amount >= $this->limit) ? $this->words : null;
    }

    public function isAlmostMet(SearchCard $card): bool
    {
        $amount = $this->amount($card);

        return 0 < $amount && ($this->isMost ? $amount <= $this->limit * (1 + self::BEYOND) : $amount >= $this->limit * (1 - self::BEYOND));
    }

    private function amount(SearchCard $card): int
    {
        return match ($this->of) {
            'cost' => $card->cost,
            'worth' => max($card->worth, $card->cost),
            'weight' => $card->grams,
            'count' => $card->count,
        };
    }

    public function asked(): string
    {
        return $this->words;
    }
}
