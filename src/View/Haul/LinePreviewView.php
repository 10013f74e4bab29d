<?php

declare(strict_types=1);

namespace App\View\Haul;

/** What a line would cost and do to the purse before it is written down. */
final readonly class LinePreviewView
{
    public function __construct(public int $packs, public int $spare, public int $list, public int $total, public int $perPiece, public PurseView $purse) {}
}
