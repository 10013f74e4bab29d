<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Look\RibbonRole;

final readonly class RibbonAnswer
{
    public function __construct(public string $name, public string $hex, public RibbonRole $role, public int $percent) {}
}
