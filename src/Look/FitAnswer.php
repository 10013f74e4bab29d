<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\PieceFit;

/** How the figure for one piece came about. */
final readonly class FitAnswer
{
    /**
     * @param list<FitColourAnswer> $colours
     * @param list<string>        $notes
     */
    private function __construct(public int $score, public FitVerdict $verdict, public array $colours, public array $notes) {}

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
