<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Storage\FreshPacking;
use BrightCupboard\Core\Storage\Outings;
use BrightCupboard\Core\Storage\Packing;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;

/**
 * The plan of one swap as a value: what is owned, where it all is when the swap starts, what is decided and what is
 * planned to stand where. Each act on it returns what it changes; nothing is changed in place.
 */
final readonly class Plan
{
    /**
     * Keys of the places from which nothing can be placed, and how the keys of arrangements begin; compared as
     * text, thousands of times an answer.
     */
    private const AWAY = [PlaceKind::Lent->value => true, PlaceKind::Lost->value => true, PlaceKind::Parted->value => true];
    private const WITHIN = PlaceKind::Within->value . ':';

    /** @var array<string, array<string, int>> piece id => spot id => units planned */
    public array $placed;
    /** @var array<string, list<PlannedPlace>> by spot id */
    private array $bySpot;
    private History $unknown;

    /**
     * @param array<string, Piece>         $stock   by piece id, in order of name
     * @param array<string, string|null>   $ownTote ids of the totes that pieces call their own, by piece id
     * @param array<string, Spot>          $spots   by id
     * @param array<string, Choice>        $choices by piece id
     * @param array<string, PlannedPlace>  $places  by id
     * @param array<string, History>       $history what closed swaps know, by piece id
     * @param array<string, list<Face>>    $faces   other sides of pieces that have some, by piece id
     * @param array<string, PlannedPlace>  $stood   how things were placed when they came to stand where they are, by "piece spot"
     */
    public function __construct(
        public array $stock,
        public array $ownTote,
        public Whereabouts $start,
        public array $spots,
        public array $choices,
        public array $places,
        public array $history = [],
        private int $closedSwaps = 0,
        private array $stood = [],
        public array $faces = [],
    ) {
        $placed = $bySpot = [];
        foreach ($places as $place) {
            $bySpot[$place->spotId][] = $place;
            $placed[$place->pieceId][$place->spotId] = ($placed[$place->pieceId][$place->spotId] ?? 0) + $place->count;
        }
        [$this->placed, $this->bySpot] = [$placed, $bySpot];
        $this->unknown = new History(0, $closedSwaps, null);
    }

    public function choice(string $pieceId): ?Choice
    {
        return $this->choices[$pieceId] ?? null;
    }

    /** A piece that never stood has been idle since the first closed swap. */
    public function historyOf(string $pieceId): History
    {
        return $this->history[$pieceId] ?? $this->unknown;
    }

    /** Units not lent, lost, gone, put together with others or planned to stand somewhere. */
    public function free(string $pieceId): int
    {
        return array_sum($this->atHome($pieceId)) - array_sum($this->placed[$pieceId] ?? []);
    }

    /** @return array<string, int> units by key of place, without those that are lent, lost, gone or put together with others */
    public function atHome(string $pieceId): array
    {
        $units = $this->start->of($pieceId);
        foreach ($units as $key => $count) {
            if (isset(self::AWAY[$key]) || str_starts_with($key, self::WITHIN)) {
                unset($units[$key]);
            }
        }

        return $units;
    }

    /** Whether none of it can be decided on: all its units have left the home or are put together with others. */
    public function isOutOfHand(string $pieceId): bool
    {
        $away = 0;
        foreach ($this->start->of($pieceId) as $key => $units) {
            if (PlaceKind::Parted->value !== $key && !str_starts_with($key, self::WITHIN)) {
                return false;
            }
            $away += $units;
        }

        return $away > 0;
    }

    /** @return array<string, int> units by id of the spots where it stands when the swap starts */
    public function standing(string $pieceId): array
    {
        return $this->start->standing()[$pieceId] ?? [];
    }

    /** The first spot where it stands when the swap starts; null when none of it is out. */
    public function spotNow(string $pieceId): ?string
    {
        return array_key_first($this->start->standing()[$pieceId] ?? []);
    }

    /** @return list<PlannedPlace> from left to right, the older first where they begin alike */
    public function at(string $spotId): array
    {
        $places = array_values(array_filter($this->bySpot[$spotId] ?? [], fn(PlannedPlace $place): bool => isset($this->stock[$place->pieceId])));
        usort($places, static fn(PlannedPlace $a, PlannedPlace $b): int => [$a->stance->left, $a->id] <=> [$b->stance->left, $b->id]);

        return $places;
    }

    /** A spot as it will be dressed. */
    public function dressing(Spot $spot): Dressing
    {
        return $this->dressedWith($spot, $this->at($spot->id));
    }

    /**
     * The same spot with other places than those of the plan; each piece as it goes there by habit where its posture is not said.
     *
     * @param list<PlannedPlace> $places of pieces of the stock
     */
    public function dressedWith(Spot $spot, array $places): Dressing
    {
        return new Dressing($spot, array_map(function (PlannedPlace $place) use ($spot): PlacedPiece {
            $piece = $this->stock[$place->pieceId];

            return new PlacedPiece($place->id, $this->turned($piece, $place->stance->face), $place->count, $place->stance->on($spot, $piece->kind));
        }, $places));
    }

    /** A piece with another side to the front; as it is when it has no such side any more. */
    private function turned(Piece $piece, ?string $face): Piece
    {
        foreach (null === $face ? [] : $this->faces[$piece->id] ?? [] as $one) {
            if ($one->name === $face) {
                return $piece->withColours($one->colours);
            }
        }

        return $piece;
    }

    /**
     * Units come to stand at a spot, which decides the piece unless that was done before.
     *
     * @param string $id of the new place
     *
     * @throws InvalidPlan when not so many are free
     */
    public function place(string $id, string $pieceId, Spot $spot, int $count, Stance|PlaceSought $where = new PlaceSought()): PlanChange
    {
        $this->requireFree($pieceId, $count, $this->free($pieceId));
        $stance = $where instanceof Stance ? $where : (new PlaceFinder())->anywhere($this->dressing($spot), $this->stock[$pieceId], $count, $where);

        return new PlanChange(Deciding::byPlacing($this, $pieceId, $spot->id), [new PlannedPlace($id, $pieceId, $spot->id, $count, $stance)]);
    }

    /** @throws InvalidPlan when not so many are free */
    public function move(string $id, Spot $spot, int $count, Stance|PlaceSought $where = new PlaceSought()): PlanChange
    {
        $place = $this->places[$id];
        $this->requireFree($place->pieceId, $count, $this->free($place->pieceId) + $place->count);
        $stance = $where instanceof Stance
            ? $where
            : (new PlaceFinder())->anywhere($this->dressing($spot)->without($id), $this->stock[$place->pieceId], $count, $where)
                ->turnedTo($place->stance->face);
        $moved = new PlannedPlace($id, $place->pieceId, $spot->id, $count, $stance, $place->version + 1);

        return new PlanChange([], [], [$moved, ...($spot->id === $place->spotId ? (new Arranging($this))->broughtAlong($spot, $place, $stance) : [])]);
    }

    public function takeOff(string $id): PlanChange
    {
        return new PlanChange([], [], [], [$this->places[$id]]);
    }

    /**
     * What stays is planned where it stands, what rests or goes is planned nowhere.
     *
     * @param \Closure(): string $newId gives places their ids
     *
     * @throws InvalidPlan when it is to rest or to go and is planned where it does not stand yet
     */
    public function decide(string $pieceId, ?Choice $choice, \Closure $newId): PlanChange
    {
        return (new Deciding($this, $this->stood))->change($pieceId, $choice, $newId);
    }

    /** The plan after a change. */
    public function with(PlanChange $change): self
    {
        $places = array_diff_key($this->places, array_flip(array_map(static fn(PlannedPlace $place): string => $place->id, $change->takenOff)));
        foreach ([...$change->stood, ...$change->moved] as $place) {
            $places[$place->id] = $place;
        }
        $choices = array_filter([...$this->choices, ...$change->choices], static fn(?Choice $choice): bool => null !== $choice);

        return new self(
            $this->stock,
            $this->ownTote,
            $this->start,
            $this->spots,
            $choices,
            $places,
            $this->history,
            $this->closedSwaps,
            $this->stood,
            $this->faces,
        );
    }

    /** @param array<string, PlannedPlace> $stood how things were placed when they came to stand where they are, by "piece spot" */
    public function withFormerPlaces(array $stood): self
    {
        return new self(
            $this->stock,
            $this->ownTote,
            $this->start,
            $this->spots,
            $this->choices,
            $this->places,
            $this->history,
            $this->closedSwaps,
            $stood,
            $this->faces,
        );
    }

    /** @return array<string, string> names by id */
    public function spotNames(): array
    {
        return array_map(static fn(Spot $spot): string => $spot->name, $this->spots);
    }

    public function leftOpen(): LeftOpen
    {
        $undecided = $homeless = [];
        foreach ($this->stock as $id => $piece) {
            if (isset($this->placed[$id])) {
                continue;
            }
            $choice = $this->choices[$id] ?? null;
            if (null === $choice && null !== $this->spotNow($id)) {
                $undecided[] = $piece;
            }
            if (Choice::Bring === $choice || Choice::Move === $choice) {
                $homeless[] = $piece;
            }
        }

        return new LeftOpen($undecided, $homeless);
    }

    /** What is decided and planned for one piece, and where it is. */
    public function fate(string $pieceId): Fate
    {
        return new Fate(
            $this->stock[$pieceId],
            $this->choice($pieceId),
            $this->placed[$pieceId] ?? [],
            array_map(strval(...), array_keys($this->standing($pieceId))),
        );
    }

    /** @return array<string, Fate> by piece id, of what is out, planned or decided on */
    public function fates(): array
    {
        $fates = [];
        foreach ($this->stock as $id => $piece) {
            if (isset($this->placed[$id]) || isset($this->choices[$id]) || null !== $this->spotNow($id)) {
                $fates[$id] = $this->fate($id);
            }
        }

        return $fates;
    }

    /** @param list<StoredTote> $totes */
    public function difference(array $totes, Packing $packing = new FreshPacking()): Difference
    {
        $intents = [];
        foreach ($this->stock as $id => $piece) {
            $intents[] = new Intent($piece, $this->choices[$id] ?? null, $this->placed[$id] ?? [], $this->ownTote[$id] ?? null);
        }

        $stoodIn = array_map(static fn(History $history): array => $history->stoodIn, $this->history);

        return (new Target($totes, new Outings($stoodIn), $packing))->of($this->start, $intents);
    }

    /** @throws InvalidPlan when not so many are free */
    public function requireFree(string $pieceId, int $wanted, int $free): void
    {
        if ($wanted > $free) {
            throw InvalidPlan::notFree($this->stock[$pieceId]->name, $wanted, $free);
        }
    }
}
