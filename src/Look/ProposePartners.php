<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\PartnerColours;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class ProposePartners
{
    public function __construct(private ColourNames $names) {}

    #[Route('/api/homes/{home}/colours/partners', methods: ['POST'])]
    public function __invoke(#[Body] ColourAskedInput $input): PartnersAnswer
    {
        return new PartnersAnswer(array_map(PartnerAnswer::of(...), (new PartnerColours($this->names))->of(Srgb::ofHex($input->hex))));
    }
}
