<?php

declare(strict_types=1);

namespace App\Ledger;

use BrightCupboard\Core\Money\UsedPiece;

final readonly class UsedPieceAnswer
{
    private function __construct(
        public string $name,
        public int $units,
        public bool $isNew,
        public int $costEach,
        public int $replacementEach,
        public int $seasonsUsed,
        public int $costPerSeason,
    ) {}

    public static function of(UsedPiece $p): self
    {
        return new self($p->name, $p->units, $p->isNew, $p->costEach->minor, $p->replacementEach->minor, $p->seasonsUsed, $p->costPerSeason()->minor);
    }
}
