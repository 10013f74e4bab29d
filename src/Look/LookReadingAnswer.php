<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Look\PaletteReading;
use BrightCupboard\Core\Look\RibbonWarning;

/** How the ribbons measure and read: chroma and its spread in OKLCh, warmth -1 to 1, spread of hue in degrees; and what cannot be told apart. */
final readonly class LookReadingAnswer
{
    /**
     * @param list<string> $words
     * @param list<string> $names       plain word for the colour of each ribbon
     * @param list<string> $resting     plain word for each colour that rests
     * @param list<bool>   $darkFigures whether dark figures read better on a ribbon than white ones
     * @param list<string> $warnings
     */
    private function __construct(
        public float $chroma,
        public float $spread,
        public float $warmth,
        public float $hues,
        public array $words,
        public array $names,
        public array $resting,
        public array $darkFigures,
        public array $warnings,
    ) {}

    /**
     * @param list<string>        $names
     * @param list<string>        $resting
     * @param list<bool>          $darkFigures
     * @param list<RibbonWarning> $warnings
     */
    public static function of(PaletteReading $reading, array $names, array $resting, array $darkFigures, array $warnings): self
    {
        return new self(
            round($reading->chroma, 3),
            round($reading->spread, 3),
            round($reading->warmth, 2),
            round($reading->hues, 1),
            $reading->words,
            $names,
            $resting,
            $darkFigures,
            array_map(static fn(RibbonWarning $warning): string => $warning->sentence, $warnings),
        );
    }
}
