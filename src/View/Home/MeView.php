<?php

declare(strict_types=1);

namespace App\View\Home;

use App\Entity\Membership;
use App\Entity\Person;

final readonly class MeView
{
    /** @param list<MemberHomeView> $homes */
    private function __construct(public string $name, public string $csrf, public array $homes) {}

    public static function of(Person $person, string $csrf): self
    {
        return new self($person->name(), $csrf, array_map(static fn(Membership $m): MemberHomeView => new MemberHomeView($m->home()->id(), $m->home()->name(), $m->role()), $person->memberships()));
    }
}
