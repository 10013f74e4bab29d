<?php

declare(strict_types=1);

namespace App\Look;

final readonly class CopyLookInput
{
    public function __construct(public string $look) {}
}
