<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Surface\Layer;

/** A place on a ledge where one unit of a piece would stand; left edge in tenths of a millimetre. */
final readonly class FreePlace
{
    public function __construct(public int $left, public Layer $layer) {}
}
