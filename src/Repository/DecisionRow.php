<?php

declare(strict_types=1);

namespace App\Repository;

use BrightCupboard\Core\Plan\Choice;

final readonly class DecisionRow
{
    public function __construct(public ?Choice $choice, public string $by, public int $version) {}
}
