<?php

declare(strict_types=1);

namespace App\Intake;

/** Several lines as they were read, in their order. */
final readonly class LinesReadAnswer
{
    /** @param list<LineReadAnswer> $lines */
    public function __construct(public array $lines) {}
}
