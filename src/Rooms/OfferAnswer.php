<?php

declare(strict_types=1);

namespace App\Rooms;

/** Any owned piece by its name, and why it is not among those offered; empty when it is only less fitting. */
final readonly class OfferAnswer
{
    public function __construct(public string $piece, public int $free, public string $where, public string $why) {}
}
