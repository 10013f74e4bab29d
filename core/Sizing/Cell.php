<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** Cells that light things, by the sign on them. */
enum Cell: string
{
    case AA = 'AA';
    case AAA = 'AAA';
    case C = 'C';
    case D = 'D';
    case Block = '9V';
    case CR2032 = 'CR2032';
    case CR2025 = 'CR2025';
    case LR44 = 'LR44';

    /** In mAh at the few milliamperes that lights draw: of alkaline cells and button cells as usual (memory; the maker's figure goes first). */
    public function capacity(): float
    {
        return match ($this) {
            self::AA => 2500.0,
            self::AAA => 1100.0,
            self::C => 7500.0,
            self::D => 15_000.0,
            self::Block => 500.0,
            self::CR2032 => 220.0,
            self::CR2025 => 160.0,
            self::LR44 => 110.0,
        };
    }
}
