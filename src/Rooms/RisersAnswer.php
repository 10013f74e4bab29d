<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class RisersAnswer
{
    /**
     * @param list<RiserAnswer> $risers the best first
     * @param string|null       $under  id of the placement it stands on already
     */
    public function __construct(public array $risers, public ?string $under) {}
}
