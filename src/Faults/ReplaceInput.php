<?php

declare(strict_types=1);

namespace App\Faults;

final readonly class ReplaceInput
{
    public function __construct(public string $fault) {}
}
