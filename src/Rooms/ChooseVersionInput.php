<?php

declare(strict_types=1);

namespace App\Rooms;

/** How a version becomes the plan of its spot. */
final readonly class ChooseVersionInput
{
    /** @param bool $brings whether what is planned on other spots is taken from there */
    public function __construct(public bool $brings = false) {}
}
