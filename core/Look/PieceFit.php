<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** How well one piece sits in a look, 0 to 100, and the figures that led there. */
final readonly class PieceFit
{
    public FitVerdict $verdict;

    /**
     * @param int                                           $ribbon   index of the ribbon that most of the piece answers to
     * @param float                                         $distance CIEDE2000 from that ribbon
     * @param list<array{answer: ColourAnswer, percent: int}> $colours
     * @param list<string>                                  $notes    what was added or taken, in words
     */
    public function __construct(
        public string $pieceId,
        public int $score,
        public int $ribbon,
        public float $distance,
        public array $colours,
        public array $notes,
        bool $isJudged = true,
    ) {
        $this->verdict = $isJudged ? FitVerdict::ofScore($score) : FitVerdict::NotJudged;
    }
}
