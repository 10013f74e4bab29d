<?php

declare(strict_types=1);

namespace App\Input;

/** Which unit is taken apart, by where it is, and whether its parts go back to where they came from. */
final readonly class ApartInput
{
    public function __construct(public string $place, public bool $isUndone = false) {}
}
