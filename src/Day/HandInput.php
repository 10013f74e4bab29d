<?php

declare(strict_types=1);

namespace App\Day;

use App\Http\Name;

final readonly class HandInput
{
    /**
     * @param string $from  time of the day as people write it, empty from the start
     * @param string $until the same, empty to the end
     */
    public function __construct(
        #[Name]
        public string $name,
        public bool $climbs,
        public bool $lifts,
        public string $from,
        public string $until,
    ) {}
}
