<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * Nobody has measured it: its size is the usual one of its kind.
 *
 * @internal
 */
final readonly class UnmeasuredCondition implements Condition
{
    /** As it stands in what is written of a piece. */
    private const SAID = 'assumed size';

    public function met(SearchCard $card): ?string
    {
        return str_contains($card->text, self::SAID) ? 'not measured' : null;
    }

    public function asked(): string
    {
        return 'not measured';
    }
}
