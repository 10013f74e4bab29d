<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Stock\Piece;

/** What is planned for one room, spot by spot. */
final readonly class RoomDressed
{
    /**
     * @param array<string, list<array{Piece, int}>> $spots spot id => pieces with units
     * @param array<string, list<int>>               $meant spot id => ribbons that are meant for it; all of the look where none is said
     */
    public function __construct(public string $id, public array $spots, public array $meant = []) {}

    /** Whether a ribbon is meant for some spot of it. */
    public function isMeantFor(int $ribbon): bool
    {
        foreach (array_keys($this->spots) as $spot) {
            if ($this->isMeantAt($spot, $ribbon)) {
                return true;
            }
        }

        return [] === $this->spots;
    }

    public function isMeantAt(string $spot, int $ribbon): bool
    {
        $meant = $this->meant[$spot] ?? [];

        return [] === $meant || \in_array($ribbon, $meant, true);
    }

    /** @return list<array{Piece, int}> */
    public function placed(): array
    {
        return array_merge(...array_values($this->spots));
    }
}
