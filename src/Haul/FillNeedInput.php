<?php

declare(strict_types=1);

namespace App\Haul;

/** The owned piece that is brought for a need; null reopens it. */
final readonly class FillNeedInput
{
    public function __construct(public ?string $piece) {}
}
