<?php

declare(strict_types=1);

namespace App\View\Cupboard;

final readonly class ColourView
{
    public function __construct(public string $hex, public int $percent) {}
}
