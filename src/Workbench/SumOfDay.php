<?php

declare(strict_types=1);

namespace App\Workbench;

use BrightCupboard\Core\Sizing\Sums;

/** As much of a kept sum as a day is worked out from. */
final readonly class SumOfDay
{
    /** @param list<SumValueInput> $values as people wrote them */
    public function __construct(public string $id, public int $version, public string $name, public Sums $sum, public array $values, public ?string $spotId) {}
}
