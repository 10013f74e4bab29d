<?php

declare(strict_types=1);

namespace App\View\House;

final readonly class StoredView
{
    public function __construct(public string $piece, public string $name, public int $units) {}
}
