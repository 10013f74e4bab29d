<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;

/**
 * A side is at least, or at most, so long, or about so long.
 *
 * @internal
 */
final readonly class SizeCondition implements Condition, Almost
{
    /** Up to such a part beyond the bound is almost so (own value). */
    private const BEYOND = 0.12;

    /**
     * @param 'width'|'depth'|'height' $side
     * @param int                      $least tenths of a millimetre
     * @param int                      $most  the same
     */
    public function __construct(private string $side, private int $least, private int $most, private string $words) {}

    public function met(SearchCard $card): ?string
    {
        $tenths = $this->tenths($card);

        return $tenths >= $this->least && $tenths <= $this->most ? $this->words : null;
    }

    public function isAlmostMet(SearchCard $card): bool
    {
        $tenths = $this->tenths($card);

        return $tenths >= $this->least * (1 - self::BEYOND) && $tenths <= $this->most * (1 + self::BEYOND);
    }

    private function tenths(SearchCard $card): int
    {
        return match ($this->side) {
            'width' => max($card->width, $card->run), // a garland in its coil is as long as it runs
            'depth' => $card->depth,
            'height' => $card->height,
        };
    }

    public function asked(): string
    {
        return $this->words;
    }
}
