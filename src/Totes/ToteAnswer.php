<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Tote;
use BrightCupboard\Core\Stock\Condition;

final readonly class ToteAnswer
{
    /**
     * @param list<Condition> $conditions
     * @param int|null        $mostWeight grams
     */
    private function __construct(
        public string $id,
        public string $code,
        public string $place,
        public int $width,
        public int $depth,
        public int $height,
        public array $conditions,
        public ?int $mostWeight,
        public bool $isMeasured,
        public int $version,
    ) {}

    public static function of(Tote $tote): self
    {
        $stored = $tote->stored();
        $inside = $stored->inside;

        return new self(
            $tote->id(),
            $tote->code(),
            $tote->place(),
            $inside->width->tenths(),
            $inside->depth->tenths(),
            $inside->height->tenths(),
            $stored->conditions,
            $stored->mostWeight?->grams(),
            $tote->isMeasured(),
            $tote->version(),
        );
    }
}
