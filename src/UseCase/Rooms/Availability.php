<?php

declare(strict_types=1);

namespace App\UseCase\Rooms;

use App\Repository\HouseRepository;
use App\UseCase\Plan\SwapState;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Swap\Choice;

/** The pieces that could still be placed in a swap, with where the nearest unit is, in words. */
final readonly class Availability
{
    public function __construct(private HouseRepository $house) {}

    /** @return list<Available> what is to part is left out; what is decided to rest only when asked for */
    public function of(SwapState $state, bool $withResting): array
    {
        $places = [PlaceKind::Arrived->value => 'just come in', PlaceKind::Table->value => 'on the table'];
        foreach ($this->house->spots($state->swap->home()) as $spot) {
            $places[Place::spot($spot->id())->key()] = 'from ' . $spot->name();
        }
        foreach ($this->house->totes($state->swap->home()) as $tote) {
            $places[Place::tote($tote->id())->key()] = $tote->code() . ', ' . $tote->place();
        }
        $available = [];
        foreach ($state->catalogue as $id => $entry) {
            $choice = $state->choice($id);
            $free = $state->free($id);
            if ($free < 1 || Choice::Part === $choice || (Choice::Rest === $choice && !$withResting)) {
                continue;
            }
            $where = 'in store';
            foreach ($state->now->of($id) as $key => $units) {
                $where = $places[$key] ?? $where;
            }
            $available[] = new Available($entry->piece, $free, $where, $state->historyOf($id)->seasonsWorn);
        }

        return $available;
    }
}
