<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * It came since a day, or before one. What nobody knows the day of meets neither.
 *
 * @internal
 */
final readonly class NewCondition implements Condition
{
    /**
     * @param string|null $since  such as 2026-01-31; null where it does not matter
     * @param string|null $before the same
     */
    public function __construct(private ?string $since, private ?string $before, private string $words) {}

    public function met(SearchCard $card): ?string
    {
        $isSo = '' !== $card->came && (null === $this->since || $card->came >= $this->since) && (null === $this->before || $card->came < $this->before);

        return $isSo ? 'came ' . substr($card->came, 0, 4) : null;
    }

    public function asked(): string
    {
        return $this->words;
    }
}
