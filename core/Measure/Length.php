<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/**
 * A length from 0 to 100 m, held in whole tenths of a millimetre.
 *
 * Tenths, so that whole millimetres and whole inches (25.4 mm) are both exact and
 * lengths typed in either unit compare equal.
 */
final readonly class Length
{
    public const TENTHS_PER_INCH = 254;

    public const MOST_MILLIMETRES = 100_000;
    private const MAX_TENTHS = 10 * self::MOST_MILLIMETRES;

    private function __construct(private int $tenths) {}

    /** @param int $tenths whole tenths of a millimetre, 0 to 1,000,000 */
    public static function ofTenths(int $tenths): self
    {
        return match (true) {
            $tenths < 0 => throw InvalidMeasure::negative('length', $tenths / 10, 'mm'),
            $tenths > self::MAX_TENTHS => throw InvalidMeasure::tooMuch('length', $tenths / 10, 'mm', '100 m'),
            default => new self($tenths),
        };
    }

    /** Rounds half away from zero to the nearest 0.1 mm. */
    public static function ofMillimetres(float $millimetres): self
    {
        return match (true) {
            !is_finite($millimetres) => throw InvalidMeasure::notFinite('length'),
            $millimetres < 0.0 => throw InvalidMeasure::negative('length', $millimetres, 'mm'),
            $millimetres * 10 > self::MAX_TENTHS => throw InvalidMeasure::tooMuch('length', $millimetres, 'mm', '100 m'),
            default => new self((int) round($millimetres * 10)),
        };
    }

    /** Rounds half away from zero to the nearest 0.1 mm. */
    public static function ofInches(float $inches): self
    {
        return match (true) {
            !is_finite($inches) => throw InvalidMeasure::notFinite('length'),
            $inches < 0.0 => throw InvalidMeasure::negative('length', $inches, 'in'),
            $inches * self::TENTHS_PER_INCH > self::MAX_TENTHS => throw InvalidMeasure::tooMuch('length', $inches, 'in', '100 m'),
            default => new self((int) round($inches * self::TENTHS_PER_INCH)),
        };
    }

    public static function zero(): self
    {
        return new self(0);
    }

    public function tenths(): int
    {
        return $this->tenths;
    }

    public function inMillimetres(): float
    {
        return $this->tenths / 10;
    }

    public function inInches(): float
    {
        return $this->tenths / self::TENTHS_PER_INCH;
    }

    public function equals(self $other): bool
    {
        return $this->tenths === $other->tenths;
    }
}
