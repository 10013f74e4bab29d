<?php

declare(strict_types=1);

namespace App\Entity;

/** What a person may do in a home. */
enum Role: string
{
    case Stylist = 'stylist';
    case Helper = 'helper';
    case Guest = 'guest';

    public function allows(self $needed): bool
    {
        $rank = static fn(self $role): int => match ($role) {
            self::Guest => 0, self::Helper => 1, self::Stylist => 2,
        };

        return $rank($this) >= $rank($needed);
    }
}
