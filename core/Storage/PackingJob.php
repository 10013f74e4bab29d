<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;

/** All that decides into which totes things go: two jobs that are equal are packed alike. */
final readonly class PackingJob
{
    /**
     * @param list<StoredTote>                   $totes    in the order ties are broken
     * @param array<string, list<Stored>>        $contents what stays in each tote, by place key
     * @param array<string, true>                $open     ids of totes that are opened anyway
     * @param list<array{Piece, int, string|null}> $pieces piece, units and its own tote, in the order they are packed in
     */
    public function __construct(public array $totes, public array $contents, public array $open, public Outings $outings, public array $pieces) {}
}
