<?php

declare(strict_types=1);

namespace App\Intake;

/** One way to answer: what it says, and the line as it would then read. */
final readonly class ReplyAnswer
{
    public function __construct(public string $label, public string $line) {}
}
