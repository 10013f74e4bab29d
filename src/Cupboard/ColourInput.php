<?php

declare(strict_types=1);

namespace App\Cupboard;

final readonly class ColourInput
{
    public function __construct(public string $hex, public int $percent) {}
}
