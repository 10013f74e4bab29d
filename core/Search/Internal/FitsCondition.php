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
final readonly class FitsCondition implements Condition, Almost
{
    /** So much smaller it would go in: almost (own value). */
    private const SMALLER = 0.9;

    private string $words;

    public function __construct(private Opening $opening)
    {
        $this->words = ($opening->liesAnyWay ? 'fits in ' : 'fits on ') . $opening->name;
    }

    public function met(SearchCard $card): ?string
    {
        return $this->opening->takes($card->width, $card->depth, $card->height) ? $this->words : null;
    }

    public function isAlmostMet(SearchCard $card): bool
    {
        return $this->opening->takes((int) ($card->width * self::SMALLER), (int) ($card->depth * self::SMALLER), (int) ($card->height * self::SMALLER));
    }

    public function asked(): string
    {
        return $this->words;
    }
}
