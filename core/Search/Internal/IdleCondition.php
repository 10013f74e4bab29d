<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * It has not stood anywhere for so many seasons; what never stood is idle for ever.
 *
 * @internal
 */
final readonly class IdleCondition implements Condition
{
    /** @param int|null $seasons null: it never stood at all */
    public function __construct(private ?int $seasons) {}

    public function met(SearchCard $card): ?string
    {
        return match (true) {
            null === $card->idle => 'never used',
            null !== $this->seasons && $card->idle >= $this->seasons => sprintf('not used for %d %s', $card->idle, 1 === $card->idle ? 'season' : 'seasons'),
            default => null,
        };
    }

    public function asked(): string
    {
        return null === $this->seasons ? 'never used' : sprintf('not used for %d seasons', $this->seasons);
    }
}
