<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\Srgb;

/** One colour of a look, with its role and the share of all that is seen it should have. */
final readonly class Ribbon
{
    public function __construct(public string $name, public Srgb $colour, public RibbonRole $role, public int $percent)
    {
        if ('' === trim($name)) {
            throw InvalidLook::unnamedRibbon();
        }
        if ($percent < 1 || $percent > 100) {
            throw InvalidLook::ribbonShare($name, $percent);
        }
    }
}
