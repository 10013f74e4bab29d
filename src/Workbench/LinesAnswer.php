<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Haul\LineAnswer;

/** The haul lines that were written for a sum. */
final readonly class LinesAnswer
{
    /** @param list<LineAnswer> $lines */
    public function __construct(public array $lines) {}
}
