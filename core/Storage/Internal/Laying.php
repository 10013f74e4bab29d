<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Stock\Kept;
use BrightCupboard\Core\Stock\Piece;

/**
 * How one unit may be laid into a tote: tenths of a millimetre across its front, from front to back, and up.
 *
 * What is rigid is turned at right angles. What is soft is pressed, and folded where it is too long. What coils lies as
 * a flat spiral, in as many rounds over one another as it needs; a coil takes its length by its thickness and three tenths more (own
 * value). All of it as boxes, so that two never share a place.
 *
 * @internal
 */
final readonly class Laying
{
    private const SPIRAL = 1.3;
    /** A string of lights, beads or ribbon is no thicker than so, whatever was measured with its bulbs hanging. */
    private const THICKEST_COIL = 6 * Length::TENTHS_PER_INCH;
    private const MOST_ROUNDS = 12;

    private function __construct(public int $width, public int $depth, public int $height, public bool $isOnSide = false) {}

    /** @return list<self> every way it goes into a tote, as it stands first; none when it goes in no way */
    public static function ways(Piece $piece, Size $inside): array
    {
        $ways = match ($piece->kind->facts()->kept) {
            Kept::Coils => self::coiled($piece, $inside),
            default => [...self::turned($piece), ...self::folded($piece, $inside)],
        };

        return array_values(array_filter($ways, static fn(self $way): bool => $way->goesInto($inside)));
    }

    /** Litres that one unit takes when it is packed. */
    public static function litres(Piece $piece): float
    {
        if (Kept::Coils !== $piece->kind->facts()->kept) {
            return $piece->packedLitres();
        }
        [$thick, $length] = self::rope($piece);

        return $piece->packedLitres() / max(1e-9, $piece->size->litres()) * self::SPIRAL * $thick * $thick * $length / 1e9;
    }

    /** As many as lie in one pile take so much of the height of each alone: what nests goes into the one below it by seven tenths (memory). */
    public static function nested(Piece $piece, int $units): float
    {
        return Kept::Nests === $piece->kind->facts()->kept ? 1 + 0.3 * ($units - 1) : (float) $units;
    }

    /** Some way it lies even where it goes in no way: for a picture that shows what is too large. */
    public static function anyway(Piece $piece, Size $inside): self
    {
        $ways = self::ways($piece, $inside);

        return $ways[0] ?? new self($piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths());
    }

    /** The same with others of its kind in or on it. */
    public function piled(float $heights): self
    {
        return new self($this->width, $this->depth, (int) ceil($this->height * $heights), $this->isOnSide);
    }

    public function volume(): int
    {
        return $this->width * $this->depth * $this->height;
    }

    private function goesInto(Size $inside): bool
    {
        return $this->width <= $inside->width->tenths() && $this->depth <= $inside->depth->tenths() && $this->height <= $inside->height->tenths();
    }

    /** @return list<self> upright, turned, on its back, on its side */
    private static function turned(Piece $piece): array
    {
        [$w, $d, $h] = self::pressed($piece);

        return [new self($w, $d, $h), new self($d, $w, $h), new self($w, $h, $d), new self($h, $w, $d, true), new self($h, $d, $w, true), new self($d, $h, $w)];
    }

    /** @return list<self> what is soft and too long, in layers over one another */
    private static function folded(Piece $piece, Size $inside): array
    {
        $most = max($inside->width->tenths(), 1);
        [$w, $d, $h] = self::pressed($piece);
        if (!self::isSoft($piece) || $w <= $most) {
            return [];
        }
        $layers = intdiv($w - 1, $most) + 1;

        return [new self(intdiv($w, $layers), $d * $layers, $h), new self(intdiv($w, $layers), $d, $h * $layers)];
    }

    /** @return list<self> as a flat spiral, in one round over another until it is small enough */
    private static function coiled(Piece $piece, Size $inside): array
    {
        [$thick, $length] = self::rope($piece);
        $soft = $piece->packedLitres() / max(1e-9, $piece->size->litres());
        $high = max(1, (int) round($thick * $soft));
        $ways = [];
        for ($rounds = 1; $rounds <= self::MOST_ROUNDS; ++$rounds) {
            $side = max($thick, (int) ceil(sqrt(self::SPIRAL * $length * $thick / $rounds)));
            $ways[] = new self($side, $side, $high * $rounds);
            $ways[] = new self($side, $high * $rounds, $side, true);
        }

        return $ways;
    }

    /** @return array{int, int} how thick it is and how long, laid out */
    private static function rope(Piece $piece): array
    {
        $sides = [max(1, $piece->size->width->tenths()), max(1, $piece->size->depth->tenths()), max(1, $piece->size->height->tenths())];
        sort($sides);

        return [min($sides[1], self::THICKEST_COIL), $sides[2]];
    }

    /** @return array{int, int, int} width, depth, height; what is soft gives way along its thinnest side */
    private static function pressed(Piece $piece): array
    {
        $sides = [max(1, $piece->size->width->tenths()), max(1, $piece->size->depth->tenths()), max(1, $piece->size->height->tenths())];
        $thin = (int) array_search(min($sides), $sides, true);
        $sides[$thin] = max(1, (int) round($sides[$thin] * $piece->packedLitres() / max(1e-9, $piece->size->litres())));

        return $sides;
    }

    private static function isSoft(Piece $piece): bool
    {
        return $piece->packedLitres() < $piece->size->litres();
    }
}
