<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Measure\Length;

/** What a piece is put together from, its other faces, the set it belongs to, and how long it is when it is unrolled. */
final readonly class Makeup
{
    public const MOST_FACES = 8;
    public const MOST_PARTS = 20;

    /**
     * @param list<Face> $faces
     * @param list<Part> $parts of one unit
     * @param Length|null $laidOut of one unit of what is kept rolled, coiled or folded; null when it is as long as it is wide
     */
    public function __construct(public array $faces = [], public array $parts = [], public ?PieceSet $set = null, public ?Length $laidOut = null)
    {
        if (\count($faces) > self::MOST_FACES || \count($parts) > self::MOST_PARTS) {
            throw InvalidStock::tooManyFacesOrParts(self::MOST_FACES, self::MOST_PARTS);
        }
        if (0 === $laidOut?->tenths()) {
            throw InvalidStock::noLength();
        }
    }

    /**
     * @param list<Face> $faces
     * @param list<Part> $parts
     */
    public function with(array $faces, array $parts): self
    {
        return new self($faces, $parts, $this->set, $this->laidOut);
    }
}
