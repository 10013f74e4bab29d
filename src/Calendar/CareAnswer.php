<?php

declare(strict_types=1);

namespace App\Calendar;

use BrightCupboard\Core\Calendar\CareJob;

/** Care that is due: of which piece, what, since when, and every how many days. */
final readonly class CareAnswer
{
    public function __construct(
        public string $piece,
        public string $name,
        public CareJob $job,
        public string $due,
        public int $everyDays,
        public ?string $lastOn,
        public ?string $lastBy,
        public bool $isDue,
    ) {}
}
