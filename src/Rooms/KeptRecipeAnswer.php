<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Surface\SpotKind;

final readonly class KeptRecipeAnswer
{
    public function __construct(public SpotKind $kind, public bool $isOwn) {}
}
