<?php

declare(strict_types=1);

namespace App\House;

final readonly class KeepClearAnswer
{
    public function __construct(public int $from, public int $to, public string $reason) {}
}
