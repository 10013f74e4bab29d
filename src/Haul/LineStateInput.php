<?php

declare(strict_types=1);

namespace App\Haul;

use BrightCupboard\Core\Money\LineState;

final readonly class LineStateInput
{
    public function __construct(public LineState $state, public int $version) {}
}
