<?php

declare(strict_types=1);

namespace App\View\Rooms;

final readonly class RoomsView
{
    /** @param list<SpotStateView> $spots in focal order */
    public function __construct(public array $spots) {}
}
