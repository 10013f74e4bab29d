<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Http\Day;

final readonly class StrikeInput
{
    /** @param string $swap id of the season or feast that is taken down */
    public function __construct(
        public string $swap,
        #[Day]
        public string $swapDay,
    ) {}
}
