<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** When a day begins, when it has to be over and when all have a break. All times are minutes of the day, from midnight. */
final readonly class Hours
{
    private const DAY = 24 * 60;
    private const SHORTEST_PAUSE = 5;
    private const LONGEST_PAUSE = 240;

    /** @var list<Pause> the earlier first */
    public array $pauses;

    /**
     * @param int|null    $latestEnd null when the day may last as long as it takes
     * @param list<Pause> $pauses
     *
     * @throws InvalidDay
     */
    public function __construct(public int $start = 570, public ?int $latestEnd = null, array $pauses = [])
    {
        if ($start < 0 || $start >= self::DAY) {
            throw InvalidDay::start();
        }
        if (null !== $latestEnd && $latestEnd <= $start) {
            throw InvalidDay::endsBeforeItBegins();
        }
        usort($pauses, static fn(Pause $a, Pause $b): int => $a->at <=> $b->at);
        $over = $start;
        foreach ($pauses as $pause) {
            if (
                $pause->at < $over
                || $pause->minutes < self::SHORTEST_PAUSE
                || $pause->minutes > self::LONGEST_PAUSE
                || $pause->at >= ($latestEnd ?? self::DAY)
            ) {
                throw InvalidDay::pause();
            }
            $over = $pause->at + $pause->minutes;
        }
        $this->pauses = $pauses;
    }

    /** The minute of the day at which something begins that has so much work before it: after a break that is due. */
    public function beginsAt(int $worked): int
    {
        return $this->clock($worked, 0);
    }

    /** The minute of the day at which so much is worked: before a break that is due. A task that runs into a break goes on after it. */
    public function endsAt(int $worked): int
    {
        return $this->clock($worked, 1);
    }

    /** Minutes worked up to a minute of the day by somebody there from the start. */
    public function workedBy(int $minute): int
    {
        $worked = $minute - $this->start;
        foreach ($this->pauses as $pause) {
            $worked -= max(0, min($pause->minutes, $minute - $pause->at));
        }

        return max(0, $worked);
    }

    private function clock(int $worked, int $before): int
    {
        $minute = $this->start + $worked;
        foreach ($this->pauses as $pause) {
            if ($minute >= $pause->at + $before) {
                $minute += $pause->minutes;
            }
        }

        return $minute;
    }
}
