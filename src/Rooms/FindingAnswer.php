<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Band;
use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Verdict;

/** A finding in words, in the units of the home. */
final readonly class FindingAnswer
{
    /** @param list<string> $placements */
    private function __construct(
        public Check $code,
        public string $title,
        public Verdict $verdict,
        public string $figure,
        public string $aim,
        public string $reason,
        public ?Band $band,
        public array $placements,
        public bool $canBeLeft,
        public bool $isOverruled,
    ) {}

    public static function of(Finding $finding, CoachWords $words): self
    {
        return new self(
            $finding->check,
            CoachWords::title($finding->check),
            $finding->verdict,
            $words->figure($finding),
            $words->aim($finding),
            $words->reason($finding),
            $finding->band,
            $finding->placements(),
            $finding->check->isTaste(),
            $finding->isOverruled,
        );
    }
}
