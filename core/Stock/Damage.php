<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** What is noticed about units when they are unpacked or taken down, and matters the next time they would be out. */
enum Damage: string
{
    case Broken = 'broken';
    case Worn = 'worn';
    case DeadBulbs = 'dead bulbs';
    /** The other bookend, the lid, the plug. */
    case PartMissing = 'a part missing';

    /** Whether the units leave the home; the others are kept as they are. */
    public function isTheEnd(): bool
    {
        return self::Broken === $this;
    }
}
