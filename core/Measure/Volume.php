<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/** A volume from 0 to 1,000 litres, in millilitres. */
final readonly class Volume
{
    private const MOST_ML = 1_000_000.0;

    private function __construct(private float $millilitres) {}

    public static function ofLitres(float $litres): self
    {
        return match (true) {
            !is_finite($litres) => throw InvalidMeasure::notFinite('volume'),
            $litres < 0.0 => throw InvalidMeasure::negative('volume', $litres, 'litres'),
            $litres * 1000 > self::MOST_ML => throw InvalidMeasure::tooMuch('volume', $litres, 'litres', '1,000 litres'),
            default => new self($litres * 1000),
        };
    }

    public function litres(): float
    {
        return $this->millilitres / 1000;
    }
}
