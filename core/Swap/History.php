<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Swap;

/** What the closed swaps know of one piece. */
final readonly class History
{
    /**
     * @param int         $seasonsWorn    how many closed swaps it stood in
     * @param int|null    $seasonsIdle    closed swaps since it last stood somewhere; null when it never did
     * @param string|null $lastSpotInThisSeason spot id where it stood when this season was last dressed
     */
    public function __construct(public int $seasonsWorn, public ?int $seasonsIdle, public ?string $lastSpotInThisSeason) {}
}
