<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class RoomsAnswer
{
    /** @param list<SpotStateAnswer> $spots in focal order */
    public function __construct(public array $spots) {}
}
