<?php

declare(strict_types=1);

namespace App\Workbench;

use BrightCupboard\Core\Sizing\Sums;

/** A sum as it is offered: its fields with what stands in them here, and how it came out last time. */
final readonly class SumAnswer
{
    /**
     * @param list<AskAnswer> $asks
     * @param list<string>    $notes what stands at the spot that it starts from, and what was used last time against what was reckoned
     */
    public function __construct(public Sums $sum, public string $name, public string $about, public array $asks, public array $notes) {}
}
