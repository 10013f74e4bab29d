<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * Some of it is at a place of a kind: lent, lost, out, in store.
 *
 * @internal
 */
final readonly class PlaceCondition implements Condition
{
    /** @param list<string> $kinds of places */
    public function __construct(private array $kinds, private string $words) {}

    public function isOf(string $kind): bool
    {
        return \in_array($kind, $this->kinds, true);
    }

    public function met(SearchCard $card): ?string
    {
        return [] !== array_intersect($this->kinds, $card->places) ? $this->words : null;
    }

    public function asked(): string
    {
        return $this->words;
    }
}
