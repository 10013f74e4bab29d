<?php

declare(strict_types=1);

namespace App\Workbench;

use BrightCupboard\Core\Measure\Length;

/** What stands at a spot, as figures of the sums and in words. */
final readonly class SpotThingsFound
{
    /**
     * @param array<string, Length|float|string> $values by name of the ask
     * @param array<string, string>              $said   by name of an ask that was filled in
     */
    public function __construct(public array $values, public array $said) {}
}
