<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Oklch;
use BrightCupboard\Core\Colour\Srgb;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** A colour a little lighter, stronger or turned, still one that a screen can show, with its name. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class NudgeColour
{
    public function __construct(private ColourNames $names) {}

    #[Route('/api/homes/{home}/colours/nudged', methods: ['POST'])]
    public function __invoke(#[Body] NudgeInput $input): NamedColourAnswer
    {
        $colour = Oklch::of(Srgb::ofHex($input->hex))->nudged($input->lightness, $input->chroma, $input->degrees)->srgb();

        return new NamedColourAnswer($colour->hex(), $this->names->of($colour));
    }
}
