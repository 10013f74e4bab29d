<?php

declare(strict_types=1);

namespace App\Look;

final readonly class ColourAskedInput
{
    public function __construct(public string $hex) {}
}
