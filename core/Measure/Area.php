<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/** An area in square metres, to be said in square inches and feet, or in square centimetres and metres. */
final readonly class Area
{
    private const SQUARE_INCH = 0.00064516;
    private const INCHES_PER_FOOT = 144;

    public function __construct(public float $squareMetres) {}

    public function written(LengthUnit $unit): string
    {
        $number = static fn(float $value): string => $value < 10 ? rtrim(rtrim(number_format($value, 2), '0'), '.') : number_format($value);
        if (LengthUnit::Centimetre === $unit) {
            return $this->squareMetres < 0.1 ? $number(round($this->squareMetres * 10_000, 1)) . ' cm²' : $number($this->squareMetres) . ' m²';
        }
        $inches = $this->squareMetres / self::SQUARE_INCH;

        return $inches < self::INCHES_PER_FOOT ? $number(round($inches, 1)) . ' sq in' : $number(round($inches / self::INCHES_PER_FOOT, 1)) . ' sq ft';
    }
}
