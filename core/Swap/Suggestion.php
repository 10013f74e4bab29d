<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Swap;

/** A decision the application would take, and why. */
final readonly class Suggestion
{
    public function __construct(public Choice $choice, public string $reason) {}
}
