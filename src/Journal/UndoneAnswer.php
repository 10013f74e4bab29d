<?php

declare(strict_types=1);

namespace App\Journal;

final readonly class UndoneAnswer
{
    public function __construct(public string $said) {}
}
