<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/** What the cupboard has to give to a sum: free units, the name first. */
final readonly class Owned
{
    /** @param list<OwnedPiece> $pieces with at least one free unit each */
    public function __construct(public array $pieces = []) {}

    /** @return list<OwnedPiece> */
    public function ofKind(PieceKind ...$kinds): array
    {
        return array_values(array_filter($this->pieces, static fn(OwnedPiece $one): bool => \in_array($one->piece->kind, $kinds, true)));
    }

    /**
     * So many units of a kind, those that are nearest in size first.
     *
     * @param \Closure(Piece): (float|int|null) $off how far one is from what is wanted; null when it will not do
     *
     * @return list<Taken>
     */
    public function take(int $needed, \Closure $off, PieceKind ...$kinds): array
    {
        $fit = [];
        foreach ($this->ofKind(...$kinds) as $one) {
            $distance = $off($one->piece);
            if (null !== $distance) {
                $fit[] = [$distance, $one];
            }
        }
        usort($fit, static fn(array $a, array $b): int => [$a[0], $a[1]->piece->name, $a[1]->piece->id] <=> [$b[0], $b[1]->piece->name, $b[1]->piece->id]);
        $taken = [];
        foreach ($fit as [, $one]) {
            $units = min($needed, $one->free);
            if ($units > 0) {
                $taken[] = new Taken($one, $units);
                $needed -= $units;
            }
        }

        return $taken;
    }
}
