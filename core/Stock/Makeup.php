<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** What a piece is put together from, its other faces, and the set it belongs to. */
final readonly class Makeup
{
    public const MOST_FACES = 8;
    public const MOST_PARTS = 20;

    /**
     * @param list<Face> $faces
     * @param list<Part> $parts of one unit
     */
    public function __construct(public array $faces = [], public array $parts = [], public ?PieceSet $set = null)
    {
        if (\count($faces) > self::MOST_FACES || \count($parts) > self::MOST_PARTS) {
            throw InvalidStock::tooManyFacesOrParts(self::MOST_FACES, self::MOST_PARTS);
        }
    }
}
