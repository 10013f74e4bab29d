<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Stock\Piece;

/** What is planned for one room, spot by spot. */
final readonly class RoomDressed
{
    /** @param array<string, list<array{Piece, int}>> $spots spot id => pieces with units */
    public function __construct(public string $id, public array $spots) {}

    /** @return list<array{Piece, int}> */
    public function placed(): array
    {
        return array_merge(...array_values($this->spots));
    }
}
