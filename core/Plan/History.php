<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Season;

/** What the closed swaps know of one piece. */
final readonly class History
{
    private const LONGEST_NOTE = 120;

    /**
     * @param int         $seasonsWorn    how many closed swaps it stood in
     * @param int|null    $seasonsIdle    closed swaps since it last stood somewhere; null when it never did
     * @param Choice|null $lastChoice     what was decided when this season was last dressed
     * @param string|null $note           what was noted then that names the piece
     * @param list<Season> $stoodIn    seasons in which it stood when they were last dressed
     * @param string|null $lastSpotInThisSeason spot id where it stood when this season was last dressed
     */
    public function __construct(
        public int $seasonsWorn,
        public ?int $seasonsIdle,
        public ?string $lastSpotInThisSeason,
        public ?Choice $lastChoice = null,
        public ?string $note = null,
        public array $stoodIn = [],
    ) {}

    /** The same with what is remembered of the last time this season was dressed. */
    public function remembering(?Choice $lastChoice, ?string $note): self
    {
        return null === $lastChoice && null === $note ? $this : new self(
            $this->seasonsWorn,
            $this->seasonsIdle,
            $this->lastSpotInThisSeason,
            $lastChoice,
            null === $note ? null : mb_strimwidth($note, 0, self::LONGEST_NOTE, '…'),
            $this->stoodIn,
        );
    }
}
