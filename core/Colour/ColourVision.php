<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** The ways of seeing colour with two kinds of cones instead of three. */
enum ColourVision: string
{
    case Protan = 'protan';
    case Deutan = 'deutan';
    case Tritan = 'tritan';

    public function inWords(): string
    {
        return match ($this) {
            self::Protan => 'people who see no red (protan)',
            self::Deutan => 'people who see no green (deutan)',
            self::Tritan => 'people who see no blue (tritan)',
        };
    }
}
