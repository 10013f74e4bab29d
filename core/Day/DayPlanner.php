<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * Turns the moves of a plan into the tasks of the day.
 *
 * Everything passes over one table: taken down or fetched onto it, set up or packed from it. One task
 * per spot and phase and one per tote and phase, so that each tote is opened once and closed once and
 * nothing is set down twice. The order of the list is valid as it stands: no task needs a later one.
 */
final readonly class DayPlanner
{
    public function __construct(private Durations $durations = new Durations(), private Cautions $cautions = new Cautions()) {}

    /**
     * @param list<DaySpot>    $spots
     * @param list<StoredTote> $totes
     * @param list<Preparation> $preparations
     *
     * @return list<DayTask>
     */
    public function tasks(Difference $plan, array $spots, array $totes, array $preparations = []): array
    {
        $drafts = new TaskDrafts($spots, $totes);
        $table = Place::of(PlaceKind::Table);
        foreach ($plan->moves as $move) {
            $source = PlaceKind::Table === $move->from->kind ? null : $drafts->bringing($move->from);
            $source?->add(new Move($move->piece->id, $move->count, $move->from, $table), $move->piece);
            $drafts->placing($move->to)->add(new Move($move->piece->id, $move->count, $table, $move->to), $move->piece, $source);
        }
        foreach ($preparations as $preparation) {
            $drafts->prepare($preparation);
        }

        return array_map($this->task(...), $drafts->ordered());
    }

    private function task(TaskDraft $draft): DayTask
    {
        return new DayTask(
            $draft->key,
            $draft->phase,
            $draft->title,
            $draft->group,
            $draft->moves,
            $this->durations->minutes($draft->phase, $draft->handled),
            $this->cautions->hands($draft->handled),
            $this->cautions->forTask($draft->phase, $draft->handled, $draft->spot),
            array_keys($draft->after),
            $draft->opensTote,
        );
    }
}
