<?php

declare(strict_types=1);

namespace App\Homes;

use App\Entity\Membership;
use App\Entity\Person;

final readonly class MeAnswer
{
    /** @param list<MemberHomeAnswer> $homes */
    private function __construct(public string $id, public string $name, public string $csrf, public array $homes) {}

    public static function of(Person $person, string $csrf): self
    {
        return new self(
            $person->id(),
            $person->name(),
            $csrf,
            array_map(
                static fn(Membership $m): MemberHomeAnswer => new MemberHomeAnswer($m->home()->id(), $m->home()->name(), $m->role()),
                $person->memberships(),
            ),
        );
    }
}
