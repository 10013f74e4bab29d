<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;

/** Units of a piece lying in a tote. */
final readonly class Stored
{
    public function __construct(public Piece $piece, public int $units) {}

    /**
     * The content of a tote with more in it; units of a piece that lies there already lie with the others.
     *
     * @param list<self> $content
     *
     * @return list<self>
     */
    public static function joined(array $content, Piece $piece, int $units): array
    {
        foreach ($content as $i => $stored) {
            if ($stored->piece->id === $piece->id) {
                $content[$i] = new self($piece, $stored->units + $units);

                return $content;
            }
        }

        return [...$content, new self($piece, $units)];
    }
}
