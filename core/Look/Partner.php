<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\Srgb;

/** A colour that would go with another, what kind of company it is, and how the two will read. */
final readonly class Partner
{
    public function __construct(public string $kind, public Srgb $colour, public string $name, public RibbonRole $role, public string $reads) {}
}
