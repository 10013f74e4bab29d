<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Input\ColourAskedInput;
use App\View\Look\PartnersView;
use App\View\Look\PartnerView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\PartnerColours;

final readonly class ProposePartners
{
    public function __construct(private ColourNames $names) {}

    public function __invoke(ColourAskedInput $input): PartnersView
    {
        return new PartnersView(array_map(PartnerView::of(...), (new PartnerColours($this->names))->of(Srgb::ofHex($input->hex))));
    }
}
