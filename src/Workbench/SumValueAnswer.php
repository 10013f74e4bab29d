<?php

declare(strict_types=1);

namespace App\Workbench;

/** One figure of a kept sum, as it was written. */
final readonly class SumValueAnswer
{
    public function __construct(public string $name, public string $text) {}
}
