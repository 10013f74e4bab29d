<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\PieceFit;

/** How the figure for one piece came about. */
final readonly class FitAnswer
{
    /**
     * @param list<FitColourAnswer> $colours
     * @param list<string>        $notes
     * @param float               $fullUpTo    CIEDE2000 up to which a colour scores 1
     * @param float               $nothingFrom from which it scores nothing
     * @param float               $neutralScore most that a neutral scores beside anything
     */
    private function __construct(
        public int $score,
        public FitVerdict $verdict,
        public array $colours,
        public array $notes,
        public float $fullUpTo = FitMeter::FULL_UP_TO,
        public float $nothingFrom = FitMeter::NOTHING_FROM,
        public float $neutralScore = FitMeter::NEUTRAL_SCORE,
    ) {}

    public static function of(PieceFit $fit, Look $look): self
    {
        $colours = [];
        foreach ($fit->colours as ['answer' => $answer, 'percent' => $percent]) {
            $colours[] = new FitColourAnswer(
                $answer->hex,
                $percent,
                $look->ribbons[$answer->ribbon]->name ?? '',
                round($answer->distance, 1),
                round($answer->score, 2),
                $answer->rests >= 0.5,
            );
        }

        return new self($fit->score, $fit->verdict, $colours, $fit->notes);
    }
}
