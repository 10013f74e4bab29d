<?php

declare(strict_types=1);

namespace App\View\Home;

use App\Entity\Role;

final readonly class MemberHomeView
{
    public function __construct(public string $id, public string $name, public Role $role) {}
}
