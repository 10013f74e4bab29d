<?php

declare(strict_types=1);

namespace App\Entity;

/** Something that belongs to exactly one home; access is decided by that home alone. */
interface OfHome
{
    public function home(): Home;
}
