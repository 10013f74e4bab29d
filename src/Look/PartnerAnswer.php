<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Look\Partner;
use BrightCupboard\Core\Look\RibbonRole;

/** Company for a colour, and how the two will read. */
final readonly class PartnerAnswer
{
    private function __construct(public string $kind, public string $hex, public string $name, public RibbonRole $role, public string $reads) {}

    public static function of(Partner $partner): self
    {
        return new self($partner->kind, $partner->colour->hex(), $partner->name, $partner->role, $partner->reads);
    }
}
