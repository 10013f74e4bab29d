<?php

declare(strict_types=1);

namespace App\Http;

/** Refuses a change to something that changed since the page was loaded, and shows how it is now. */
final readonly class SameVersion
{
    public static function check(?int $seen, int $now, string $what, object $current): void
    {
        if ($seen !== $now) {
            throw new Conflict(sprintf('%s was changed by someone else meanwhile. Nothing was overwritten: compare, then decide.', $what), $current);
        }
    }
}
