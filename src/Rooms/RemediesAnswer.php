<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class RemediesAnswer
{
    /** @param list<RemedyAnswer> $remedies by finding, the best first */
    public function __construct(public array $remedies) {}
}
