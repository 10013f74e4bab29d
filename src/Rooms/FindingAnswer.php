<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Verdict;

final readonly class FindingAnswer
{
    /** @param list<string> $placements */
    private function __construct(
        public string $code,
        public string $title,
        public Verdict $verdict,
        public string $figure,
        public string $aim,
        public string $reason,
        public ?BandAnswer $band,
        public array $placements,
    ) {}

    public static function of(Finding $f): self
    {
        return new self($f->code, $f->title, $f->verdict, $f->figure, $f->aim, $f->reason, null === $f->band ? null : new BandAnswer($f->band->value, $f->band->low, $f->band->high), $f->placements);
    }
}
