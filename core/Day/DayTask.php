<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Stock\Move;

/** One thing to do and tick off on a working day. */
final readonly class DayTask
{
    /**
     * @param string       $key       stable within a sheet, such as "set up:spot:01HX…"
     * @param string       $group     room, or place of the tote
     * @param list<Move>   $moves     what ticking it does to the stock; empty for cleaning and making ready
     * @param list<string> $steps     what is done in it beside the moves, in words
     * @param list<string> $cautions
     * @param list<string> $after     keys of the tasks that must be done first
     * @param string|null  $opensTote id of the tote that this task opens
     * @param string|null  $spot      id of the spot where it is done
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $title,
        public string $group,
        public array $moves,
        public Effort $effort,
        public array $steps,
        public array $cautions,
        public array $after,
        public ?string $opensTote,
        public ?string $spot = null,
    ) {}

    /** Units that this task moves. */
    public function units(): int
    {
        return array_sum(array_map(static fn(Move $move): int => $move->count, $this->moves));
    }

    /** Whether nothing about it is otherwise. */
    public function is(self $other): bool
    {
        $said = static fn(self $one): array => [
            $one->key, $one->phase, $one->title, $one->group, $one->steps, $one->cautions, $one->after, $one->opensTote, $one->spot,
            ...array_values(get_object_vars($one->effort)),
        ];
        if ($said($this) !== $said($other) || \count($this->moves) !== \count($other->moves)) {
            return false;
        }
        foreach ($this->moves as $i => $move) {
            $as = $other->moves[$i];
            if ([$move->pieceId, $move->count, $move->from->key(), $move->to->key()] !== [$as->pieceId, $as->count, $as->from->key(), $as->to->key()]) {
                return false;
            }
        }

        return true;
    }

    /** The same, to be done only once the other is. */
    public function alsoAfter(string $key): self
    {
        return $this->keyed($this->key, [...$this->after, $key]);
    }

    /** @param list<string> $steps in words */
    public function withSteps(array $steps): self
    {
        return new self(
            $this->key,
            $this->phase,
            $this->title,
            $this->group,
            $this->moves,
            $this->effort,
            [...$this->steps, ...$steps],
            $this->cautions,
            $this->after,
            $this->opensTote,
            $this->spot,
        );
    }

    /** @param array<string, string> $names by key, of this task and of those it waits for */
    public function called(array $names): self
    {
        return $this->keyed($names[$this->key] ?? $this->key, array_map(static fn(string $key): string => $names[$key] ?? $key, $this->after));
    }

    /** @param list<string> $after */
    private function keyed(string $key, array $after): self
    {
        return new self(
            $key,
            $this->phase,
            $this->title,
            $this->group,
            $this->moves,
            $this->effort,
            $this->steps,
            $this->cautions,
            $after,
            $this->opensTote,
            $this->spot,
        );
    }
}
