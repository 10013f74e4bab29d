<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\PlaceKind;

/** What has to be at a spot before other things can come there: the tree before its star, the vase before its stems, the books before what stands on them. */
final readonly class Carriers
{
    /** @param array<string, array<string, list<PlannedMove>>> $moves that bring what carries a piece, by id of the spot and of the piece */
    public function __construct(private array $moves = []) {}

    /** @param list<PlannedMove> $moves of the plan; what stands at its spot already carries without being moved */
    public static function of(Plan $plan, array $moves): self
    {
        $coming = [];
        foreach ($moves as $move) {
            if (PlaceKind::Spot === $move->to->kind) {
                $coming[$move->to->id ?? ''][$move->piece->id][] = $move;
            }
        }
        $bringing = [];
        foreach (self::ties($plan) as $spot => $tied) {
            foreach ($tied as $piece => $carriers) {
                $bringing[$spot][$piece] = array_merge(...array_values(array_intersect_key($coming[$spot] ?? [], $carriers)));
            }
        }

        return new self($bringing);
    }

    /** @return array<string, array<string, array<string, true>>> ids of what carries a piece as it is planned, by id of the spot and of the piece */
    public static function ties(Plan $plan): array
    {
        $ties = [];
        foreach ($plan->spots as $id => $spot) {
            $dressing = $plan->dressing($spot);
            $carrying = $dressing->carrying();
            foreach ($dressing->placed as $placed) {
                $carrier = $carrying->carrier($placed)?->piece->id;
                if (null !== $carrier && $carrier !== $placed->piece->id) {
                    $ties[$id][$placed->piece->id][$carrier] = true;
                }
            }
        }

        return $ties;
    }

    /** @return list<PlannedMove> those that bring what carries the moved piece where it comes to */
    public function bringing(PlannedMove $move): array
    {
        return PlaceKind::Spot === $move->to->kind ? $this->moves[$move->to->id ?? ''][$move->piece->id] ?? [] : [];
    }
}
