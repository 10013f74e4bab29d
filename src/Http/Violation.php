<?php

declare(strict_types=1);

namespace App\Http;

final readonly class Violation
{
    public function __construct(public string $field, public string $message) {}
}
