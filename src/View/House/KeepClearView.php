<?php

declare(strict_types=1);

namespace App\View\House;

final readonly class KeepClearView
{
    public function __construct(public int $from, public int $to, public string $reason) {}
}
