<?php

declare(strict_types=1);

namespace App\Haul;

/** What a line would cost and do to the purse before it is written down. */
final readonly class LinePreviewAnswer
{
    public function __construct(public int $packs, public int $spare, public int $list, public int $total, public int $perPiece, public PurseAnswer $purse) {}
}
