<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Draft\Remedy;
use BrightCupboard\Core\Draft\RemedyAct;
use BrightCupboard\Core\Plan\PlannedPlace;

/** An act that was tried and betters the spot: what to put how, what to take off, and the score before and after. */
final readonly class RemedyAnswer
{
    /**
     * @param list<ArrangedPlace> $places
     * @param list<string>        $off    ids of placements
     */
    private function __construct(
        public Check $answers,
        public RemedyAct $act,
        public string $says,
        public array $places,
        public array $off,
        public int $before,
        public int $after,
    ) {}

    /** @param array<string, PlannedPlace> $places of the plan, by id */
    public static function of(Remedy $remedy, RemedyWords $words, array $places): self
    {
        $isOff = RemedyAct::TakeOff === $remedy->act;
        $put = array_values(array_filter([$remedy->with, $isOff ? null : $remedy->piece]));

        return new self(
            $remedy->answers,
            $remedy->act,
            $words->say($remedy),
            array_map(static fn($placed): ArrangedPlace => ArrangedPlace::of($placed, $places), $put),
            $isOff ? [$remedy->piece->id] : [],
            (int) round($remedy->before),
            (int) round($remedy->after),
        );
    }
}
