<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** Where on a panel the middle of what hangs should be, or over furniture its lower edge; from the floor, in tenths of a millimetre. */
final readonly class HangingAim
{
    public function __construct(public int $least, public int $most, public bool $isOver) {}
}
