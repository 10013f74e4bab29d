<?php

declare(strict_types=1);

namespace App\Cupboard;

/** The name of the face to be shown. */
final readonly class TurnInput
{
    public function __construct(public string $face) {}
}
