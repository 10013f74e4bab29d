<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Table;

use BrightCupboard\Core\Plan\Choice;

/** A decision the application would take, why, and how sure it is. */
final readonly class Suggestion
{
    public function __construct(public Choice $choice, public string $reason, public Confidence $confidence) {}
}
