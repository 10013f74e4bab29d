<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\Opening;
use BrightCupboard\Core\Search\SearchCard;

/**
 * It goes into a tote, or onto a spot, when nothing else is there.
 *
 * @internal
 */
final readonly class FitsCondition implements Condition
{
    private string $words;

    public function __construct(private Opening $opening)
    {
        $this->words = ($opening->liesAnyWay ? 'fits in ' : 'fits on ') . $opening->name;
    }

    public function met(SearchCard $card): ?string
    {
        return $this->opening->takes($card->width, $card->depth, $card->height) ? $this->words : null;
    }

    public function asked(): string
    {
        return $this->words;
    }
}
