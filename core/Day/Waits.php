<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Plan\PlannedMove;

/**
 * What is not put out before a day, by the traditions of the home.
 *
 * A spot that waits is left as it is until then, with all that comes to it; of a kind or a piece that waits
 * only its own units do, the rest of their spot is dressed.
 */
final readonly class Waits
{
    /**
     * @param array<string, Wait> $spots  by id
     * @param array<string, Wait> $kinds  by value of the kind
     * @param array<string, Wait> $pieces by id
     */
    public function __construct(private array $spots = [], private array $kinds = [], private array $pieces = []) {}

    public function ofSpot(?string $spotId): ?Wait
    {
        return $this->spots[$spotId ?? ''] ?? null;
    }

    /** Until when what is moved may not come to its spot; null when any day will do. */
    public function ofMove(PlannedMove $move): ?Wait
    {
        $latest = null;
        foreach ([$this->ofSpot($move->to->id), $this->kinds[$move->piece->kind->value] ?? null, $this->pieces[$move->piece->id] ?? null] as $wait) {
            $latest = $wait?->later($latest) ?? $latest;
        }

        return $latest;
    }

    /** What it was worked out from, as text; empty when nothing waits. */
    public function fingerprint(): string
    {
        $all = [];
        foreach ([...$this->spots, ...$this->kinds, ...$this->pieces] as $key => $wait) {
            $all[] = $key . ' ' . $wait->until->format('Y-m-d');
        }

        return implode("\n", $all);
    }
}
