<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Surface\Stance;

/** Knows where on one form of spot a piece might go. */
interface Places
{
    /**
     * @param PlacedPiece $piece as many units as are to be put, in the posture asked for; its place says nothing yet
     *
     * @return list<Stance> to be tried, those preferred by habit first; they may be taken already
     */
    public function of(Dressing $dressing, PlacedPiece $piece): array;
}
