<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * Turns the moves of a plan into the tasks of the day.
 *
 * Everything passes over one table: taken down or fetched onto it, made ready, set up or packed from it. One task
 * per spot and phase and one per tote and phase, so that each tote is opened once and closed once and
 * nothing is set down twice. Every spot that is emptied is wiped. The order of the list is valid as it stands: no task needs a later one.
 */
final readonly class DayPlanner
{
    public function __construct(
        private Durations $durations = new Durations(),
        private Cautions $cautions = new Cautions(),
        private Handling $handling = new Handling(),
        private Pace $pace = new Pace(),
    ) {}

    /**
     * @param list<PlannedMove> $moves
     * @param list<DaySpot>     $spots
     * @param list<StoredTote>  $totes
     * @param list<Preparation> $preparations
     *
     * @return list<DayTask>
     */
    public function tasks(array $moves, array $spots, array $totes, array $preparations = []): array
    {
        $drafts = new TaskDrafts($spots, $totes);
        $table = Place::of(PlaceKind::Table);
        $coming = [];
        foreach ($moves as $move) {
            $source = PlaceKind::Table === $move->from->kind ? null : $drafts->bringing($move->from);
            $source?->add(new Move($move->piece->id, $move->count, $move->from, $table), $move->piece);
            if (PlaceKind::Table === $move->to->kind) {
                continue;
            }
            $drafts->placing($move->to)->add(new Move($move->piece->id, $move->count, $table, $move->to), $move->piece, $source);
            if (PlaceKind::Spot === $move->to->kind && PlaceKind::Spot !== $move->from->kind) {
                $coming[$move->to->id ?? ''][] = [$move->piece, $move->count, PlaceKind::Arrived === $move->from->kind];
            }
        }
        foreach ($coming as $spot => $handled) {
            $drafts->ready($spot, $handled, $this->handling, $this->durations);
        }
        foreach ($spots as $at) {
            if ([] !== $at->shifted) {
                $drafts->placing(Place::spot($at->spot->id))->shifted = $at->shifted;
            }
        }
        foreach ($preparations as $preparation) {
            $drafts->prepare($preparation);
        }

        return array_map($this->task(...), $drafts->ordered());
    }

    private function task(TaskDraft $draft): DayTask
    {
        $byRule = $draft->minutes ?? $this->durations->minutes($draft->phase, $draft->inHand(), $draft->spot);

        return new DayTask(
            $draft->key,
            $draft->phase,
            $draft->title,
            $draft->group,
            $draft->moves,
            $this->cautions->effort(
                $this->pace->minutes($draft->phase, $byRule),
                $draft->inHand(),
                $draft->spot,
                $this->laid($draft),
                $byRule,
                $draft->reach(),
            ),
            $draft->steps,
            $this->cautions->forTask($draft->phase, $draft->inHand(), $draft->spot, $draft->reach()),
            array_keys($draft->after),
            $draft->opensTote,
            $draft->spot?->id,
        );
    }

    private function laid(TaskDraft $draft): int
    {
        $laid = array_sum(array_map(fn(array $one): int => $this->handling->laid($one[0]) * $one[1], $draft->handled));

        return \in_array($draft->phase, [Phase::TakeDown, Phase::Fetch], true) ? $laid : -$laid;
    }
}
