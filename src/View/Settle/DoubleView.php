<?php

declare(strict_types=1);

namespace App\View\Settle;

/** Two pieces that may be the same thing bought twice. */
final readonly class DoubleView
{
    public function __construct(public string $one, public string $two, public string $reason) {}
}
