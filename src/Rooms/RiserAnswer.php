<?php

declare(strict_types=1);

namespace App\Rooms;

/** Something that a piece could be stood on: how it all would stand then, and the score of the whole. */
final readonly class RiserAnswer
{
    /** @param list<ArrangedPlace> $places */
    public function __construct(public string $says, public string $where, public array $places, public int $score) {}
}
