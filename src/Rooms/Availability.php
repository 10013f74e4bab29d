<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Repository\HouseRepository;
use App\Swaps\SwapState;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;

/** The pieces that could still be placed in a swap, with where the nearest unit is, in words. */
final readonly class Availability
{
    public function __construct(private HouseRepository $house) {}

    /** @return list<Available> what is to part is left out; what is decided to rest only when asked for */
    public function of(SwapState $state, bool $withResting): array
    {
        $places = [PlaceKind::Arrived->value => 'just come in', PlaceKind::Loose->value => 'loose in store', PlaceKind::Table->value => 'on the table'];
        foreach ($state->plan->spotNames() as $id => $name) {
            $places[Place::spot($id)->key()] = 'from ' . $name;
        }
        foreach ($this->house->totes($state->swap->home()) as $tote) {
            $places[Place::tote($tote->id())->key()] = $tote->code() . ', ' . $tote->place();
        }
        $available = [];
        foreach ($state->catalogue as $id => $entry) {
            $choice = $state->plan->choice($id);
            $free = $state->plan->free($id);
            if ($free < 1 || Choice::Part === $choice || (Choice::Rest === $choice && !$withResting)) {
                continue;
            }
            $where = 'in store';
            foreach ($state->plan->start->of($id) as $key => $units) {
                $where = $places[$key] ?? $where;
            }
            $available[] = new Available($entry->piece, $free, $where, $state->plan->historyOf($id)->seasonsWorn);
        }

        return $available;
    }
}
