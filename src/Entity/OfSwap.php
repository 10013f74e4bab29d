<?php

declare(strict_types=1);

namespace App\Entity;

/** Something that belongs to exactly one swap; once that is closed, it stays as it is. */
interface OfSwap extends OfHome
{
    public function swap(): Swap;
}
