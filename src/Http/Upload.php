<?php

declare(strict_types=1);

namespace App\Http;

/** A parameter that is read from an uploaded file of that name. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Upload
{
    public function __construct(public string $name) {}
}
