<?php

declare(strict_types=1);

namespace App\Look;

final readonly class NamedColourAnswer
{
    public function __construct(public string $hex, public string $name) {}
}
