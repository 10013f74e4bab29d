<?php

declare(strict_types=1);

namespace App\Table;

use BrightCupboard\Core\Plan\Choice;

final readonly class DecisionAnswer
{
    /** @param int $version 0 when nobody has decided yet */
    public function __construct(public string $piece, public ?Choice $choice, public string $by, public int $version) {}
}
