<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Measure\Length;

/** One thing that is off: its code, the placed pieces it is about, and the values that a sentence about it needs. */
final readonly class Fault
{
    /**
     * @param array<string, int|float|string|Length> $values
     * @param list<PlacedPiece>                      $pieces
     */
    private function __construct(public string $code, public array $values, public array $pieces) {}

    /** @param array<string, int|float|string|Length> $values */
    public static function of(string $code, array $values, PlacedPiece ...$pieces): self
    {
        return new self($code, $values, array_values($pieces));
    }

    /** @return list<string> ids of the places it is about */
    public function placements(): array
    {
        return array_map(static fn(PlacedPiece $piece): string => $piece->id, $this->pieces);
    }
}
