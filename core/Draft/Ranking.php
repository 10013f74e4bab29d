<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

/** The best pieces for a spot, how many could stand there in all, and how many cannot, by reason. */
final readonly class Ranking
{
    /**
     * @param list<Candidate>    $candidates best first
     * @param array<string, int> $leftOut    reason => number of pieces
     */
    public function __construct(public array $candidates, public array $leftOut, public int $suitable) {}
}
