<?php

declare(strict_types=1);

namespace App\View\Look;

final readonly class NamedColourView
{
    public function __construct(public string $hex, public string $name) {}
}
