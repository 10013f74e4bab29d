<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** How a piece that is nearly right is made right without buying another. Costs and minutes for one unit are from memory. */
enum RestyleWay: string
{
    case TurnFace = 'turn another face';
    case SwapRibbon = 'swap its ribbon';
    case OtherCover = 'another cover';
    case OtherPrint = 'another print';
    case Paint = 'paint';

    /** Minor units of the currency. */
    public function costMinor(): int
    {
        return match ($this) {
            self::TurnFace => 0,
            self::SwapRibbon => 350,
            self::OtherCover => 1400,
            self::OtherPrint => 200,
            self::Paint => 600,
        };
    }

    public function minutes(): int
    {
        return match ($this) {
            self::TurnFace => 1,
            self::SwapRibbon => 10,
            self::OtherCover => 3,
            self::OtherPrint => 12,
            self::Paint => 45,
        };
    }

    /** The usual care; null where nothing can hurt. */
    public function caution(): ?string
    {
        return match ($this) {
            self::Paint => 'Paint with a window open, away from flames, and let it dry through.',
            self::SwapRibbon => 'Mind the cutter and the hot glue.',
            default => null,
        };
    }
}
