<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** A task that was done: by whom, at which second, what it was thought to take, and what somebody said it took. */
final readonly class Tick
{
    /** Minutes that any task may take from tick to tick, and how many times what was planned: past both, the time was not this task's. */
    private const LONG = 30;
    private const TIMES = 4;

    /** @param int|null $said minutes, null when nobody said */
    public function __construct(public string $by, public int $at, public int $minutes, public ?int $said = null) {}

    /**
     * What each took: as somebody said, else from the same person's tick before it, in minutes; null where neither is known.
     *
     * @param array<array-key, self> $ticks of one day
     *
     * @return array<array-key, int|null> by the same keys
     */
    public static function took(array $ticks): array
    {
        uasort($ticks, static fn(self $a, self $b): int => $a->at <=> $b->at);
        $took = $last = [];
        foreach ($ticks as $key => $tick) {
            $minutes = (int) round(($tick->at - ($last[$tick->by] ?? $tick->at)) / 60);
            $took[$key] = $tick->said ?? ($minutes > 0 && $minutes <= max(self::LONG, self::TIMES * $tick->minutes) ? $minutes : null);
            $last[$tick->by] = $tick->at;
        }

        return $took;
    }
}
