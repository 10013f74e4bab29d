<?php

declare(strict_types=1);

namespace App\Intake;

/** One of several lines as it was read. */
final readonly class LineReadAnswer
{
    /** @param string|null $under the place that a heading above it names */
    public function __construct(public string $line, public IntakeAnswer $reading, public ?string $under) {}
}
