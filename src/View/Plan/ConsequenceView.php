<?php

declare(strict_types=1);

namespace App\View\Plan;

use BrightCupboard\Core\Swap\Choice;

/** What one decision would change, in sentences. */
final readonly class ConsequenceView
{
    /** @param list<string> $sentences */
    public function __construct(public Choice $choice, public array $sentences) {}
}
