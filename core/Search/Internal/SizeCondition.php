<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * A side is at least, or at most, so long.
 *
 * @internal
 */
final readonly class SizeCondition implements Condition
{
    /** @param 'width'|'depth'|'height' $side */
    public function __construct(private string $side, private Length $limit, private bool $isMost, private string $words) {}

    public function met(SearchCard $card): ?string
    {
        $tenths = match ($this->side) {
            'width' => $card->width,
            'depth' => $card->depth,
            'height' => $card->height,
        };

        return ($this->isMost ? $tenths <= $this->limit->tenths() : $tenths >= $this->limit->tenths()) ? $this->words : null;
    }

    public function asked(): string
    {
        return $this->words;
    }
}
