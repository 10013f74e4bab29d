<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/**
 * How fast a home really is: of each phase, what tasks took against what the rules of thumb gave them.
 *
 * The median of the shares counts, as soon as there are five; it is held between a quarter and four times, so that a
 * forgotten tick does not spoil the next day.
 */
final readonly class Pace
{
    public const ENOUGH = 5;
    private const SLOWEST = 4.0;

    /** @var array<string, float> by phase */
    private array $factors;
    /** @var array<string, int> tasks measured, by phase */
    private array $measured;

    /** @param list<array{Phase, int, int}> $taken phase, minutes by the rule of thumb, minutes it took */
    public function __construct(array $taken = [])
    {
        $shares = [];
        foreach ($taken as [$phase, $rule, $took]) {
            if ($rule > 0 && $took > 0) {
                $shares[$phase->value][] = $took / $rule;
            }
        }
        $this->measured = array_map(\count(...), $shares);
        $this->factors = array_map(
            static fn(array $of): float => max(1 / self::SLOWEST, min(self::SLOWEST, self::median($of))),
            array_filter($shares, static fn(array $of): bool => \count($of) >= self::ENOUGH),
        );
    }

    /** What the minutes by the rule of thumb are multiplied by; 1 while too little is measured. */
    public function factor(Phase $phase): float
    {
        return $this->factors[$phase->value] ?? 1.0;
    }

    /** Whole minutes, one at least. */
    public function minutes(Phase $phase, int $byRule): int
    {
        return (int) max(1, ceil(round($byRule * $this->factor($phase), 6)));
    }

    /** Tasks that the factor rests on; 0 while it is the rule of thumb. */
    public function measured(Phase $phase): int
    {
        return isset($this->factors[$phase->value]) ? $this->measured[$phase->value] ?? 0 : 0;
    }

    /** @param non-empty-list<float> $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(\count($values), 2);

        return 1 === \count($values) % 2 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
