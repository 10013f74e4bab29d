<?php

declare(strict_types=1);

namespace App\View\Settle;

/** A piece that has not stood anywhere for some closed swaps; null when it never did. */
final readonly class IdleView
{
    public function __construct(public string $piece, public ?int $idle, public int $cost) {}
}
