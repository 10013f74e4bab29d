<?php

declare(strict_types=1);

namespace App\Calendar;

final readonly class FeedAnswer
{
    /** @param string $feed path of the private address */
    public function __construct(public string $feed) {}
}
