<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Stock\Move;

/** One thing to do and tick on swap day. */
final readonly class DayTask
{
    /**
     * @param string       $key       stable within a sheet, such as "set up:spot:01HX…"
     * @param string       $group     room, or place of the tote
     * @param list<Move>   $moves     what ticking it does to the stock; empty for cleaning
     * @param int          $minutes   for one pair of hands, or for both when $hands is 2
     * @param int          $hands     people needed at once, 1 or 2
     * @param list<string> $cautions
     * @param list<string> $after     keys of the tasks that must be done first
     * @param string|null  $opensTote id of the tote that this task opens
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $title,
        public string $group,
        public array $moves,
        public int $minutes,
        public int $hands,
        public array $cautions,
        public array $after,
        public ?string $opensTote,
    ) {}

    /** Units that this task moves. */
    public function units(): int
    {
        return array_sum(array_map(static fn(Move $move): int => $move->count, $this->moves));
    }

    /** @param array<string, string> $names by key, of this task and of those it waits for */
    public function called(array $names): self
    {
        return new self($names[$this->key] ?? $this->key, $this->phase, $this->title, $this->group, $this->moves, $this->minutes, $this->hands, $this->cautions, array_map(static fn(string $key): string => $names[$key] ?? $key, $this->after), $this->opensTote);
    }
}
