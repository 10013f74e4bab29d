<?php

declare(strict_types=1);

namespace App\Homes;

use App\Entity\Role;

final readonly class MemberHomeAnswer
{
    public function __construct(public string $id, public string $name, public Role $role) {}
}
