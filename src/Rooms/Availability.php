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
    /** How near a piece is, 1 at hand: what is in a tote must be fetched, what stands elsewhere leaves a hole there. */
    private const STORED = 0.7;
    private const STANDS_ELSEWHERE = 0.3;
    private const AT_HAND = [PlaceKind::Arrived->value => true, PlaceKind::Loose->value => true, PlaceKind::Table->value => true];

    public function __construct(private HouseRepository $house) {}

    /**
     * @param array<string, string>|null $places words by key of place; read when they are not given
     *
     * @return list<Available> what is to part is left out; what is decided to rest only when asked for
     */
    public function of(SwapState $state, bool $withResting, ?array $places = null): array
    {
        $places ??= $this->places($state);
        $available = [];
        foreach ($state->catalogue as $id => $entry) {
            $free = $state->plan->free($id);
            $choice = $state->plan->choice($id);
            if ($free < 1 || Choice::Part === $choice || (Choice::Rest === $choice && !$withResting)) {
                continue;
            }
            $spot = $state->plan->spotNow($id);
            [$where, $isAtHand] = ['in store', false];
            foreach ($state->plan->start->of($id) as $key => $units) {
                $where = $places[$key] ?? $where;
                $isAtHand = isset(self::AT_HAND[$key]);
            }
            $past = $state->plan->historyOf($id);
            $available[] = new Available(
                $entry->piece,
                $free,
                $where,
                $past->seasonsWorn,
                null !== $spot ? self::STANDS_ELSEWHERE : ($isAtHand ? 1.0 : self::STORED),
                $past->lastSpotInThisSeason,
                null === $spot ? null : $state->plan->spots[$spot]->name ?? null,
            );
        }

        return $available;
    }

    /**
     * Where the units of pieces are when the swap starts, in words; of several places the one that is named first.
     *
     * @param list<string>          $pieceIds
     * @param array<string, string> $places   words by key of place
     *
     * @return array<string, string> by piece id
     */
    public static function whereabouts(SwapState $state, array $pieceIds, array $places): array
    {
        $where = [];
        foreach ($pieceIds as $id) {
            foreach (array_keys($state->plan->start->of($id)) as $key) {
                $where[$id] ??= $places[$key] ?? 'in store';
            }
        }

        return $where;
    }

    /** @return array<string, string> words by key of place */
    public function places(SwapState $state): array
    {
        $places = [PlaceKind::Arrived->value => 'just come in', PlaceKind::Loose->value => 'loose in store', PlaceKind::Table->value => 'on the table'];
        foreach ($state->plan->spotNames() as $id => $name) {
            $places[Place::spot($id)->key()] = 'from ' . $name;
        }
        foreach ($this->house->toteNames($state->swap->home()) as $id => $name) {
            $places[Place::tote($id)->key()] = $name;
        }

        return $places;
    }
}
