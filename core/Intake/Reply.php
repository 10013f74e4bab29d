<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** One way to answer a question: what it says, and the whole line as it would then read. */
final readonly class Reply
{
    public function __construct(public string $label, public string $line) {}
}
