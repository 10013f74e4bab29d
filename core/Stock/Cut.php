<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;

/** Cuts one unit of a length (garland, ribbon, runner, beads) in two: what was wanted, and the offcut that becomes stock. Nothing is lost to the cut. */
final readonly class Cut
{
    private const LENGTHS = [PieceKind::Garland, PieceKind::Ribbon, PieceKind::Runner, PieceKind::Beads];

    public function __construct(private LengthText $lengths) {}

    public static function isPossible(Piece $piece): bool
    {
        return \in_array($piece->kind, self::LENGTHS, true);
    }

    /** @return array{Piece, Piece} the cut length and the offcut, one unit each, with the weight shared by length */
    public function at(Piece $piece, Length $length, string $cutId, string $offcutId): array
    {
        $whole = $piece->size->width->tenths();
        if (!self::isPossible($piece) || $length->tenths() < 1 || $length->tenths() >= $whole) {
            throw InvalidStock::cut($piece->name, $this->lengths->write($length), $this->lengths->write($piece->size->width));
        }
        $grams = (int) round($piece->weight->grams() * $length->tenths() / $whole);
        $part = fn(string $id, int $tenths, int $weight, string $word): Piece => new Piece($id, mb_substr(sprintf('%s, %s%s', $piece->name, $word, $this->lengths->write(Length::ofTenths($tenths))), 0, 120), $piece->kind, 1, new Size(Length::ofTenths($tenths), $piece->size->depth, $piece->size->height), Weight::ofGrams($weight), $piece->colours, $piece->materials, $piece->finish, $piece->seasons, $piece->hazards);

        return [$part($cutId, $length->tenths(), $grams, ''), $part($offcutId, $whole - $length->tenths(), $piece->weight->grams() - $grams, 'offcut ')];
    }
}
