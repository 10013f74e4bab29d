<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/** A weight from 0 to 500 kg, held in whole grams. */
final readonly class Weight
{
    private const MAX_GRAMS = 500_000;

    private function __construct(private int $grams) {}

    public static function ofGrams(int $grams): self
    {
        return match (true) {
            $grams < 0 => throw InvalidMeasure::negative('weight', $grams, 'g'),
            $grams > self::MAX_GRAMS => throw InvalidMeasure::tooMuch('weight', $grams, 'g', '500 kg'),
            default => new self($grams),
        };
    }

    public function grams(): int
    {
        return $this->grams;
    }
}
