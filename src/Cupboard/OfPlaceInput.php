<?php

declare(strict_types=1);

namespace App\Cupboard;

/** Which units are meant: those at this place. */
final readonly class OfPlaceInput
{
    public function __construct(public string $place) {}
}
