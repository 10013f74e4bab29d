<?php

declare(strict_types=1);

namespace App\Totes;

/** A tote opened: what lies in it, drawn to scale, how full and heavy it is, and what lies badly. */
final readonly class ToteContentsAnswer
{
    /**
     * @param list<StoredAnswer>      $content
     * @param list<LyingAnswer>       $picture
     * @param list<ToteFindingAnswer> $findings
     */
    public function __construct(
        public string $tote,
        public float $fill,
        public int $grams,
        public array $content,
        public array $picture,
        public array $findings,
    ) {}
}
