<?php

declare(strict_types=1);

namespace App\Intake;

/** What is wrong in one cell, what stands in it, and how many rows say the same there. */
final readonly class RowProblemAnswer
{
    public function __construct(public string $field, public string $sentence, public string $cell, public int $alike) {}
}
