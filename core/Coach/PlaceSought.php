<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Stock\Posture;

/** A place that is still to be found: the balance it aims at, and how the piece is to be put; null for the habit of its kind. */
final readonly class PlaceSought
{
    public function __construct(public BalanceSchool $school = BalanceSchool::Centred, public ?Posture $as = null) {}
}
