<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** Where a unit can be. Spot, tote and arrangement need to say which one. */
enum PlaceKind: string
{
    case Spot = 'spot';
    case Tote = 'tote';
    /** The one central place where everything is laid out on swap day. */
    case Table = 'table';
    /** Come home from the shops, not yet unpacked. */
    case Arrived = 'arrived';
    /** In store, but in no tote. */
    case Loose = 'loose';
    /** Put together with others into an arrangement; which one is said. */
    case Within = 'within';
    case Lent = 'lent';
    case Lost = 'lost';
    /** Given away, sold or thrown out; kept so that counts add up. */
    case Parted = 'parted';

    public function isNamed(): bool
    {
        return self::Spot === $this || self::Tote === $this || self::Within === $this;
    }
}
