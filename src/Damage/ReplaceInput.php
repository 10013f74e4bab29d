<?php

declare(strict_types=1);

namespace App\Damage;

final readonly class ReplaceInput
{
    public function __construct(public string $damage) {}
}
