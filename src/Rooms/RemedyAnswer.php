<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Draft\Remedy;
use BrightCupboard\Core\Draft\RemedyAct;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;

/** An act that was tried and betters the spot: what to do with which piece, and the score before and after. */
final readonly class RemedyAnswer
{
    private function __construct(
        public Check $answers,
        public RemedyAct $act,
        public string $says,
        public ?string $placement,
        public string $piece,
        public int $count,
        public int $left,
        public Layer $layer,
        public int $raise,
        public int $tier,
        public ?Posture $posture,
        public int $before,
        public int $after,
    ) {}

    public static function of(Remedy $remedy, RemedyWords $words): self
    {
        $piece = $remedy->piece;

        return new self(
            $remedy->answers,
            $remedy->act,
            $words->say($remedy),
            RemedyAct::Add === $remedy->act ? null : $piece->id,
            $piece->piece->id,
            $piece->count,
            $piece->left,
            $piece->layer,
            $piece->raise,
            $piece->tier,
            $piece->posture,
            (int) round($remedy->before),
            (int) round($remedy->after),
        );
    }
}
