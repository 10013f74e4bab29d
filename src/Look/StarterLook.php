<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;

/** A plain look to start from: 60, 30 and 10 percent (common practice), to be changed at the first station. */
final readonly class StarterLook
{
    public static function for(string $name): Look
    {
        return new Look($name . ' look', [
            new Ribbon('Linen', Srgb::ofHex('#EDE4D3'), RibbonRole::Base, 60),
            new Ribbon('Moss', Srgb::ofHex('#6D7246'), RibbonRole::Second, 30),
            new Ribbon('Rust', Srgb::ofHex('#A9502B'), RibbonRole::Accent, 10),
        ], [], new Resting(), 50, BalanceSchool::Centred);
    }
}
