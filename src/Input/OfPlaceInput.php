<?php

declare(strict_types=1);

namespace App\Input;

/** Which units are meant: those at this place. */
final readonly class OfPlaceInput
{
    public function __construct(public string $place) {}
}
