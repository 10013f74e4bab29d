<?php

declare(strict_types=1);

namespace App\Table;

use BrightCupboard\Core\Plan\Choice;

/** What one decision would change, in sentences. */
final readonly class ConsequenceAnswer
{
    /** @param list<string> $sentences */
    public function __construct(public Choice $choice, public array $sentences) {}
}
