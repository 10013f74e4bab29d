<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Input\NudgeInput;
use App\View\Look\NamedColourView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Oklch;
use BrightCupboard\Core\Colour\Srgb;

/** A colour a little lighter, stronger or turned, still one that a screen can show, with its name. */
final readonly class NudgeColour
{
    public function __construct(private ColourNames $names) {}

    public function __invoke(NudgeInput $input): NamedColourView
    {
        $colour = Oklch::of(Srgb::ofHex($input->hex))->nudged($input->lightness, $input->chroma, $input->degrees)->srgb();

        return new NamedColourView($colour->hex(), $this->names->of($colour));
    }
}
