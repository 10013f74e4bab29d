<?php

declare(strict_types=1);

namespace App\Workbench;

/** One way a choice can go, and its words. */
final readonly class AskChoice
{
    public function __construct(public string $value, public string $label) {}
}
