<?php

declare(strict_types=1);

namespace App\Calendar;

use BrightCupboard\Core\Calendar\CareJob;

final readonly class CareInput
{
    public function __construct(public string $piece, public CareJob $job) {}
}
