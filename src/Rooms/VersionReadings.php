<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\SpotVersion;
use App\Swaps\SwapState;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Piece;

/** The versions of a spot side by side: each looked over by the coach, with what it would take from where. */
final readonly class VersionReadings
{
    public function __construct(private SpotVersions $versions, private Availability $availability) {}

    /** @param list<Piece> $leftOut */
    public function answer(SwapState $state, Spot $spot, array $leftOut = []): VersionsAnswer
    {
        $where = [];
        foreach ($this->availability->of($state, true) as $offer) {
            $where[$offer->piece->id] = $offer->where;
        }

        return new VersionsAnswer(
            array_map(fn(SpotVersion $version): VersionAnswer => $this->version($state, $spot, $version, $where), $this->versions->of($state->swap, $spot)),
            array_map(static fn(Piece $piece): string => $piece->name, $leftOut),
        );
    }

    /** @param array<string, string> $where by piece, what is free of it */
    private function version(SwapState $state, Spot $spot, SpotVersion $version, array $where): VersionAnswer
    {
        $measures = $spot->measures();
        $places = array_values(array_filter($version->places(), static fn(PlannedPlace $place): bool => isset($state->plan->stock[$place->pieceId])));
        $dressing = $state->plan->dressedWith($measures, $places);
        $coach = new Coach();
        $findings = $coach->lookOver($dressing, $state->judgement()->at($spot->taste()));
        $here = $takes = $elsewhere = $lost = [];
        foreach ($state->plan->at($spot->id()) as $place) {
            $here[$place->pieceId] = ($here[$place->pieceId] ?? 0) + $place->count;
        }
        foreach ($places as $place) {
            $name = $state->plan->stock[$place->pieceId]->name;
            $there = min($place->count, $here[$place->pieceId] ?? 0);
            $here[$place->pieceId] = ($here[$place->pieceId] ?? 0) - $there;
            $wanted = $place->count - $there;
            if ($wanted > $state->plan->free($place->pieceId)) {
                $spots = $this->elsewhere($state, $spot, $place->pieceId);
                [] === $spots ? $lost[] = $name : $elsewhere[] = sprintf('%s on %s', $name, implode(' and ', $spots));
            } elseif ($wanted > 0) {
                $takes[] = sprintf('%s, %s', $name, $where[$place->pieceId] ?? 'in store');
            }
        }
        $moments = $dressing->moments();

        return new VersionAnswer(
            $version->id(),
            $version->label(),
            array_map(
                static fn(PlacedPiece $placed, PlannedPlace $place): PlacementAnswer => PlacementAnswer::of(
                    $place,
                    $placed,
                    $dressing,
                    $state->meter,
                    $where[$placed->piece->id] ?? '',
                ),
                $dressing->placed,
                $places,
            ),
            [] === $findings ? null : (int) round($coach->score($dressing, $findings)),
            array_values(array_map(
                static fn(Finding $one): string => CoachWords::title($one->check),
                array_filter($findings, static fn(Finding $one): bool => $one->isOpen()),
            )),
            round($moments->left, 1),
            round($moments->right, 1),
            array_values(array_unique($takes)),
            array_values(array_unique($elsewhere)),
            array_values(array_unique($lost)),
        );
    }

    /** @return list<string> names of the other spots on which a piece is planned */
    private function elsewhere(SwapState $state, Spot $spot, string $piece): array
    {
        $spots = array_diff(array_map(strval(...), array_keys($state->plan->placed[$piece] ?? [])), [$spot->id()]);

        return array_values(array_map(static fn(string $id): string => $state->plan->spots[$id]->name ?? 'another spot', $spots));
    }
}
