<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Repository\HouseRepository;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Swap\Fate;

/** What is decided and planned for each piece that is out, planned or decided on; and the names of the spots. */
final readonly class Fates
{
    public function __construct(private HouseRepository $house) {}

    /** @return array<string, Fate> by piece id */
    public function of(SwapState $state): array
    {
        $fates = [];
        foreach (array_keys($state->catalogue) as $id) {
            $fate = $this->ofPiece($state, (string) $id);
            if ([] !== $fate->spotsNow || [] !== $fate->placed || null !== $fate->choice) {
                $fates[$id] = $fate;
            }
        }

        return $fates;
    }

    public function ofPiece(SwapState $state, string $id): Fate
    {
        $spots = [];
        foreach ($state->now->of($id) as $key => $units) {
            if (str_starts_with($key, PlaceKind::Spot->value . ':')) {
                $spots[] = (string) Place::ofKey($key)->id;
            }
        }

        return new Fate($state->catalogue[$id]->piece, $state->choice($id), $state->placed[$id] ?? [], $spots);
    }

    /** @return array<string, string> by spot id */
    public function spotNames(SwapState $state): array
    {
        $names = [];
        foreach ($this->house->spots($state->swap->home()) as $spot) {
            $names[$spot->id()] = $spot->name();
        }

        return $names;
    }
}
