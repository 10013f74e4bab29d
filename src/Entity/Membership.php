<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A person belongs to a home, with a role. */
#[ORM\Entity]
class Membership
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne(inversedBy: 'memberships')]
        #[ORM\JoinColumn(nullable: false)]
        private Person $person,
        #[ORM\Id]
        #[ORM\ManyToOne(fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(length: 10)]
        private Role $role,
    ) {}

    public function person(): Person
    {
        return $this->person;
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function role(): Role
    {
        return $this->role;
    }
}
