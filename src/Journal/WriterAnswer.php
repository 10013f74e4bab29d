<?php

declare(strict_types=1);

namespace App\Journal;

final readonly class WriterAnswer
{
    public function __construct(public string $id, public string $name) {}
}
