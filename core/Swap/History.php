<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Swap;

/** What the closed swaps know of one piece. */
final readonly class History
{
    /**
     * @param int         $seasonsWorn    how many closed swaps it stood in
     * @param int|null    $seasonsIdle    closed swaps since it last stood somewhere; null when it never did
     * @param Choice|null $lastChoice     what was decided when this season was last dressed
     * @param string|null $note           what was noted then that names the piece
     * @param string|null $lastSpotInThisSeason spot id where it stood when this season was last dressed
     */
    public function __construct(public int $seasonsWorn, public ?int $seasonsIdle, public ?string $lastSpotInThisSeason, public ?Choice $lastChoice = null, public ?string $note = null) {}
}
