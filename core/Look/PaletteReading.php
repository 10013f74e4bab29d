<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** What a look's ribbons measure, and how they read in words. */
final readonly class PaletteReading
{
    /**
     * @param float        $chroma  mean OKLCh chroma by share, 0 to about 0.32
     * @param float        $spread  standard deviation of that chroma
     * @param float        $warmth  -1 all cool to 1 all warm, by chroma and share
     * @param float        $hues    spread of hue in degrees, 0 to 180, by chroma and share
     * @param list<string> $words   such as “muted”, “warm”, “few hues”
     */
    public function __construct(public float $chroma, public float $spread, public float $warmth, public float $hues, public array $words) {}
}
