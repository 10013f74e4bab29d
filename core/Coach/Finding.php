<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Measure\Length;

/** What one check found, as data: verdict, figures, faults. Sentences are made where they are read, in the units of the home. */
final readonly class Finding
{
    /**
     * @param array<string, int|float|string|Length|list<int|string|Length>> $figures what was measured and what is wanted, by name
     * @param list<Fault>                                                    $faults
     * @param Band|null                                                      $band    where the figure lies against the aim, for drawing
     */
    public function __construct(
        public Check $check,
        public Verdict $verdict,
        public array $figures = [],
        public array $faults = [],
        public ?Band $band = null,
        public bool $isOverruled = false,
    ) {}

    /** The same, said but counted for nothing. */
    public function overruled(): self
    {
        return new self($this->check, $this->verdict, $this->figures, $this->faults, $this->band, true);
    }

    /** Whether something is to be done about it. */
    public function isOpen(): bool
    {
        return Verdict::Good !== $this->verdict && !$this->isOverruled;
    }

    /** @return list<string> ids of the places it is about */
    public function placements(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn(Fault $fault): array => $fault->placements(), $this->faults))));
    }

    /** How far off, 0 when good to 1: what it takes of its weight in the score. */
    public function penalty(): float
    {
        if ($this->isOverruled) {
            return 0.0;
        }
        $miss = null === $this->band ? 0.5 : min(1.0, $this->band->miss());

        return match ($this->verdict) {
            Verdict::Good => 0.0,
            Verdict::LookAgain => 0.25 + 0.25 * $miss,
            Verdict::Fix => 0.6 + 0.4 * ([] === $this->faults ? $miss : min(1.0, \count($this->faults) / 3)),
        };
    }
}
