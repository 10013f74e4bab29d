<?php

declare(strict_types=1);

namespace App\Totes;

final readonly class StoredAnswer
{
    public function __construct(public string $piece, public string $name, public int $units) {}
}
