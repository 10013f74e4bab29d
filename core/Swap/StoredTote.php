<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Swap;

use BrightCupboard\Core\Measure\Size;

/** A tote as packing sees it. */
final readonly class StoredTote
{
    public function __construct(public string $id, public string $code, public string $place, public Size $inside) {}
}
