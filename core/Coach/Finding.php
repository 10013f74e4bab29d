<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** What one rule found: the figure, the aim, the verdict and the reason. */
final readonly class Finding
{
    /**
     * @param string       $code       stable name of the rule
     * @param string       $figure     what was measured, in words
     * @param string       $aim        what is wanted, in words
     * @param Band|null    $band       where the figure lies against the aim, for drawing
     * @param list<string> $placements ids of the placed pieces this is about
     */
    public function __construct(
        public string $code,
        public string $title,
        public Verdict $verdict,
        public string $figure,
        public string $aim,
        public string $reason,
        public ?Band $band = null,
        public array $placements = [],
    ) {}
}
