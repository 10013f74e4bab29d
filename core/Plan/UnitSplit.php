<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;

/**
 * Shares out the units of one piece over the spots of the plan: those already there stay, then the
 * nearest sources serve the others (arrived, table, other spots, totes, loose; by key within a kind).
 *
 * @internal
 */
final class UnitSplit
{
    private const ORDER = [PlaceKind::Arrived, PlaceKind::Table, PlaceKind::Spot, PlaceKind::Tote, PlaceKind::Loose];

    /** @var list<PlannedMove> */
    public array $moves = [];
    public int $short = 0;

    /** @param array<string, int> $left place key => units, reduced as they are given out */
    public function __construct(public array $left) {}

    public function toSpots(Intent $intent): self
    {
        $wanted = [];
        foreach ($intent->placed as $spot => $units) {
            $place = Place::spot($spot);
            $there = min($units, $this->left[$place->key()] ?? 0);
            $this->take($place->key(), $there);
            $wanted[] = [$place, $units - $there];
        }
        foreach ($wanted as [$place, $units]) {
            $this->serve($intent, $place, $units);
        }

        return $this;
    }

    private function serve(Intent $intent, Place $to, int $units): void
    {
        foreach ($this->sources() as $key) {
            $given = min($units, $this->left[$key]);
            if ($given > 0) {
                $this->take($key, $given);
                $this->moves[] = new PlannedMove($intent->piece, $given, Place::ofKey($key), $to);
                $units -= $given;
            }
        }
        $this->short += $units;
    }

    /** @return list<string> */
    private function sources(): array
    {
        $keys = [];
        foreach (array_keys($this->left) as $key) {
            $rank = array_search(Place::ofKey($key)->kind, self::ORDER, true);
            if (false !== $rank) {
                $keys[] = [$rank, $key];
            }
        }
        sort($keys);

        return array_column($keys, 1);
    }

    private function take(string $key, int $units): void
    {
        if ($units > 0) {
            $this->left[$key] -= $units;
            $this->left = array_filter($this->left, static fn(int $count): bool => $count > 0);
        }
    }
}
