<?php

declare(strict_types=1);

namespace App\View\Look;

/** An accent that stands only once at a spot of three pieces or more. */
final readonly class LonelyAccentView
{
    public function __construct(public string $spot, public int $ribbon) {}
}
