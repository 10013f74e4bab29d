<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Colour\ColourShare;

/** Shows another side of a piece and remembers the one that was shown, so that every turn can be turned back. */
final readonly class FaceTurn
{
    private const AS_IT_WAS = 'as it was';

    /** @return array{Piece, Makeup}|null the piece turned, the side it showed kept under a name; null when there is no such face */
    public function to(Piece $piece, Makeup $makeup, string $face): ?array
    {
        foreach ($makeup->faces as $i => $other) {
            if ($other->name === $face) {
                $faces = $makeup->faces;
                $faces[$i] = new Face($this->freeName($makeup, $face), [], $piece->colours);

                return [$piece->withColours($other->colours), $makeup->with(array_values($faces), $makeup->parts)];
            }
        }

        return null;
    }

    /**
     * A restyle makes a new side; the old one is kept as a face while there is room for one.
     *
     * @param list<ColourShare> $colours
     *
     * @return array{Piece, Makeup}
     */
    public function into(Piece $piece, Makeup $makeup, array $colours): array
    {
        $kept = [...$makeup->faces, new Face($this->freeName($makeup, ''), [], $piece->colours)];

        return [$piece->withColours($colours), $makeup->with(\array_slice($kept, -Makeup::MOST_FACES), $makeup->parts)];
    }

    private function freeName(Makeup $makeup, string $gone): string
    {
        $taken = array_filter(array_map(static fn(Face $face): string => $face->name, $makeup->faces), static fn(string $name): bool => $name !== $gone);
        $name = self::AS_IT_WAS;
        for ($n = 2; \in_array($name, $taken, true); ++$n) {
            $name = self::AS_IT_WAS . ' ' . $n;
        }

        return $name;
    }
}
