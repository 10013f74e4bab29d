<?php

declare(strict_types=1);

namespace App\Look;

/** An accent that stands only once at a spot of three pieces or more. */
final readonly class LonelyAccentAnswer
{
    public function __construct(public string $spot, public int $ribbon) {}
}
