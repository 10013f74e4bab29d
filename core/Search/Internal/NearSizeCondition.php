<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * A side is about so long.
 *
 * @internal
 */
final readonly class NearSizeCondition implements Condition
{
    /**
     * @param 'width'|'depth'|'height' $side
     * @param int                      $length tenths of a millimetre
     * @param int                      $off    how much more or less it may be, the same
     */
    public function __construct(private string $side, private int $length, private int $off, private string $words) {}

    public function met(SearchCard $card): ?string
    {
        $tenths = match ($this->side) {
            'width' => $card->width,
            'depth' => $card->depth,
            'height' => $card->height,
        };

        return abs($tenths - $this->length) <= $this->off ? $this->words : null;
    }

    public function asked(): string
    {
        return $this->words;
    }
}
