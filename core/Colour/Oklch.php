<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** OKLab round its axis: lightness 0 to 1, chroma from 0 (about 0.32 at most on a screen), hue in degrees. */
final readonly class Oklch
{
    private const HALVINGS = 24;

    public float $hue;

    public function __construct(public float $lightness, public float $chroma, float $hue)
    {
        $this->hue = fmod(fmod($hue, 360.0) + 360.0, 360.0);
    }

    public static function of(Srgb $colour): self
    {
        $lab = Oklab::of($colour);

        return new self($lab->lightness, $lab->chroma(), $lab->hue());
    }

    /** The same lightness and hue on a screen; where that is too colourful to be shown, chroma is taken back as far as needed. */
    public function srgb(): Srgb
    {
        $lightness = max(0.0, min(1.0, $this->lightness));
        $asked = $this->lab($lightness, $this->chroma)->linear();
        if ($asked->isInGamut()) {
            return $asked->srgb();
        }
        [$shown, $tooMuch] = [0.0, $this->chroma];
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($shown + $tooMuch) / 2;
            $this->lab($lightness, $middle)->linear()->isInGamut() ? $shown = $middle : $tooMuch = $middle;
        }

        return $this->lab($lightness, $shown)->linear()->srgb();
    }

    /** A little lighter or darker, more or less colourful, turned in hue. Steps of any sign; the result is always one a screen can show. */
    public function nudged(float $lightness, float $chroma, float $degrees): self
    {
        return new self(max(0.0, min(1.0, $this->lightness + $lightness)), max(0.0, $this->chroma + $chroma), $this->hue + $degrees);
    }

    /** Degrees from 0 to 180 between two hues, the short way round. */
    public function hueApart(self $other): float
    {
        $apart = abs($this->hue - $other->hue);

        return min($apart, 360 - $apart);
    }

    private function lab(float $lightness, float $chroma): Oklab
    {
        return new Oklab($lightness, $chroma * cos(deg2rad($this->hue)), $chroma * sin(deg2rad($this->hue)));
    }
}
