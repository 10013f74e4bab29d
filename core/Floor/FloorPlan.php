<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\Measure\Length;

/**
 * A room with its furniture where it stands, and what does not go so.
 *
 * Ways are at least 30 in wide (memory), from a door to every other and to within an arm's length of every seat. Front
 * legs stand on the rug of their group (CP). A cord is about 6 ft long (memory). Enough for a rearrangement without
 * cost; it is no architect's plan, and exits follow local codes.
 */
final readonly class FloorPlan
{
    public const WAY = 30 * Length::TENTHS_PER_INCH;
    private const ARM = 18 * Length::TENTHS_PER_INCH;
    private const CORD = 72 * Length::TENTHS_PER_INCH;
    /** A rug nearer than so belongs to the group. */
    private const GROUP = 24 * Length::TENTHS_PER_INCH;
    /** Of the strip under the front legs, so much is on the rug. */
    private const ON_RUG = 0.6;

    /** @param array<string, array{Furniture, FloorPlace}> $standing by id of the furniture */
    public function __construct(private FloorRoom $room, private array $standing) {}

    /** @return list<FloorFinding> */
    public function lookOver(): array
    {
        $findings = [...$this->outside(), ...$this->overlapping()];

        return [...$findings, ...$this->narrow(), ...$this->offTheRug(), ...$this->tooFar()];
    }

    /** @return list<FloorFinding> */
    private function outside(): array
    {
        $outside = array_filter($this->standing, fn(array $one): bool => !$this->room->box()->contains($one[1]->box($one[0])));

        return array_map(static fn(string $id): FloorFinding => new FloorFinding(FloorCheck::Inside, [$id]), array_keys($outside));
    }

    /** @return list<FloorFinding> */
    private function overlapping(): array
    {
        $findings = [];
        $all = array_values(array_filter($this->standing, static fn(array $one): bool => !$one[0]->kind->isFlat()));
        foreach ($all as $i => [$one, $at]) {
            foreach (\array_slice($all, $i + 1) as [$other, $there]) {
                [$a, $b] = [$at->box($one), $there->box($other)];
                $stands = (
                    $one->kind->hasCord()
                    && $other->kind->isTop()
                    && $b->contains($a)
                ) || ($other->kind->hasCord() && $one->kind->isTop() && $a->contains($b));
                if (!$stands && $a->overlaps($b)) {
                    $findings[] = new FloorFinding(FloorCheck::Overlap, [$one->id, $other->id]);
                }
            }
        }

        return $findings;
    }

    /** @return list<FloorFinding> */
    private function narrow(): array
    {
        $doors = $this->room->all(OpeningKind::Door);
        if ([] === $doors) {
            return [];
        }
        $ways = new Ways(
            $this->room,
            array_values(array_map(
                static fn(array $one): Box => $one[1]->box($one[0]),
                array_filter($this->standing, static fn(array $one): bool => !$one[0]->kind->isFlat()),
            )),
        );
        $findings = [];
        foreach (\array_slice($doors, 1) as $other) {
            $arrives = static fn(int $side): Box => $ways->doorway($other, intdiv($side, 2))->grown(1);
            if (!$ways->reaches(self::WAY, $doors[0], $arrives)) {
                $findings[] = new FloorFinding(FloorCheck::Way, [], $ways->widest($doors[0], $arrives), Length::ofTenths(self::WAY));
            }
        }
        foreach ($this->standing as $id => [$seat, $at]) {
            if (!$seat->kind->isSeat()) {
                continue;
            }
            $arrives = static fn(int $side): Box => $at->box($seat)->grown(intdiv($side, 2) + self::ARM);
            if ([] === array_filter($doors, static fn(Opening $door): bool => $ways->reaches(self::WAY, $door, $arrives))) {
                $widest = max(array_map(static fn(Opening $door): int => $ways->widest($door, $arrives)->tenths(), $doors));
                $findings[] = new FloorFinding(FloorCheck::Way, [$id], Length::ofTenths($widest), Length::ofTenths(self::WAY));
            }
        }

        return $findings;
    }

    /** @return list<FloorFinding> seats of a group whose front legs are not on its rug */
    private function offTheRug(): array
    {
        $rugs = array_filter($this->standing, static fn(array $one): bool => $one[0]->kind->isFlat());
        $findings = [];
        foreach ($this->standing as $id => [$seat, $at]) {
            if (FurnitureKind::Sofa !== $seat->kind && FurnitureKind::Armchair !== $seat->kind) {
                continue;
            }
            $near = array_filter($rugs, static fn(array $rug): bool => $rug[1]->box($rug[0])->grown(self::GROUP)->overlaps($at->box($seat)));
            $on = array_filter($near, static fn(array $rug): bool => $at->front($seat)->coveredBy($rug[1]->box($rug[0])) >= self::ON_RUG);
            if ([] !== $near && [] === $on) {
                $findings[] = new FloorFinding(FloorCheck::Rug, [$id, array_key_first($near)]);
            }
        }

        return $findings;
    }

    /** @return list<FloorFinding> what has a cord and no outlet within its reach */
    private function tooFar(): array
    {
        $outlets = $this->room->all(OpeningKind::Outlet);
        if ([] === $outlets) {
            return [];
        }
        $findings = [];
        foreach ($this->standing as $id => [$one, $at]) {
            if (!$one->kind->hasCord()) {
                continue;
            }
            $nearest = (int) round(min(array_map(fn(Opening $outlet): float => $at->box($one)->distanceTo(...$outlet->middle($this->room)), $outlets)));
            if ($nearest > self::CORD) {
                $findings[] = new FloorFinding(FloorCheck::Cord, [$id], Length::ofTenths($nearest), Length::ofTenths(self::CORD));
            }
        }

        return $findings;
    }
}
