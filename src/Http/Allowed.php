<?php

declare(strict_types=1);

namespace App\Http;

use App\Entity\Role;

/** The least role that may call a controller. Without it: guests may read, stylists write. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Allowed
{
    public function __construct(public Role $role) {}
}
