<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/** Where a haul line has got to, and where it may go next. */
enum LineState: string
{
    case Wanted = 'wanted';
    case Ordered = 'ordered';
    case Got = 'got';
    case Returned = 'returned';
    case Dropped = 'dropped';

    /** @return list<self> */
    public function next(): array
    {
        return match ($this) {
            self::Wanted => [self::Ordered, self::Got, self::Dropped],
            self::Ordered => [self::Got, self::Wanted, self::Dropped],
            self::Got => [self::Returned],
            self::Returned => [],
            self::Dropped => [self::Wanted],
        };
    }
}
