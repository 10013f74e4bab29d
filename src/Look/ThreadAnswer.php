<?php

declare(strict_types=1);

namespace App\Look;

/** The look followed through the home: shares 0 to 1 by ribbon, then what is nobody's, over everything planned and room by room. */
final readonly class ThreadAnswer
{
    /**
     * @param list<float>          $shares
     * @param list<RoomThreadAnswer> $rooms
     */
    public function __construct(public array $shares, public array $rooms) {}
}
