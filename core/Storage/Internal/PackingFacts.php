<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Stock\Piece;

/**
 * What is asked of a piece again and again while totes are filled, worked out once: in which order it is laid in, and in which ways.
 *
 * @internal
 */
final class PackingFacts
{
    /** @var array<string, list<Laying>> by shape and inside */
    private array $ways = [];
    /** @var array<string, array{bool, bool, float, int, int}> by id of the piece */
    private array $order = [];
    /** @var array<string, string> by id of the piece */
    private array $shapes = [];

    /** @return list<Laying> every way it goes into a tote of that inside */
    public function ways(Piece $piece, Size $inside): array
    {
        return $this->ways[
            $this->shape($piece) . ' ' . $inside->width->tenths() . ' ' . $inside->depth->tenths() . ' ' . $inside->height->tenths()
        ] ??= Laying::ways($piece, $inside);
    }

    /** @return array{bool, bool, float, int, int} whether it breaks, whether it is heavy; litres, longest side, largest face */
    public function order(Piece $piece): array
    {
        return $this->order[$piece->id] ??= self::ordered($piece);
    }

    /** What all pieces have in common that go into a tote alike. */
    public function shape(Piece $piece): string
    {
        return $this->shapes[$piece->id] ??= implode(
            ' ',
            [
                $piece->kind->value,
                $piece->size->width->tenths(),
                $piece->size->depth->tenths(),
                $piece->size->height->tenths(),
                $piece->packedLitres(),
                (int) $piece->isBreakable(),
                (int) ToteRules::isHeavy($piece),
            ],
        );
    }

    /** @return array{bool, bool, float, int, int} */
    private static function ordered(Piece $piece): array
    {
        $sides = [$piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths()];
        sort($sides);

        return [$piece->isBreakable(), ToteRules::isHeavy($piece), $piece->packedLitres(), $sides[2], $sides[1] * $sides[2]];
    }
}
