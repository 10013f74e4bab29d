<?php

declare(strict_types=1);

namespace App\Intake;

use BrightCupboard\Core\Stock\Alike;
use BrightCupboard\Core\Stock\Piece;

/** What is owned or was read before, by name and kind, so that a look-alike is found without comparing everything with everything. */
final class OwnedPieces
{
    private readonly Alike $alike;
    /** @var array<string, Piece> */
    private array $byName = [];
    /** @var array<string, list<Piece>> */
    private array $byKind = [];

    /** @param array<string, Piece> $pieces */
    public function __construct(array $pieces)
    {
        $this->alike = new Alike();
        foreach ($pieces as $piece) {
            $this->add($piece);
        }
    }

    /** The one it looks like and why, in words; then it counts among the owned itself. */
    public function like(Piece $piece): string
    {
        $same = $this->byName[mb_strtolower($piece->name)] ?? null;
        foreach (null === $same ? $this->byKind[$this->bucket($piece)] ?? [] : [$same] as $other) {
            $reason = $this->alike->reason($piece, $other);
            if (null !== $reason) {
                $this->add($piece);

                return sprintf('%s: %s', $other->name, $reason);
            }
        }
        $this->add($piece);

        return '';
    }

    private function add(Piece $piece): void
    {
        $this->byName[mb_strtolower($piece->name)] ??= $piece;
        $this->byKind[$this->bucket($piece)][] = $piece;
    }

    private function bucket(Piece $piece): string
    {
        return $piece->kind->value . intdiv($piece->size->height->tenths(), 500);
    }
}
