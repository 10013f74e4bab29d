<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Storage\Internal\Load;
use BrightCupboard\Core\Storage\Internal\ToteRules;

/**
 * What tote would take the things that no owned one has room for: the smallest of the usual sizes that takes all
 * of them, or the size of which fewest are needed.
 */
final readonly class ToteToBuy
{
    /** Insides in inches, as boxes with lids are usually sold (memory); the flat one is for wreaths, the long one for a tree or rolls. */
    private const USUAL = [[14, 10, 8], [16, 12, 10], [24, 24, 8], [20, 14, 12], [24, 16, 14], [48, 14, 14], [30, 20, 16], [36, 20, 20]];
    private const MOST = 12;

    private function __construct(public Size $inside, public int $count, public float $litres) {}

    /**
     * @param list<Stored> $loose
     *
     * @return self|null null when there is nothing, or when something of it goes into none of the sizes
     */
    public static function of(array $loose): ?self
    {
        $best = null;
        $litres = Load::of($loose)->litres;
        foreach ([] === $loose ? [] : self::USUAL as $inches) {
            $inside = new Size(...array_map(Length::ofInches(...), $inches));
            $least = (int) ceil($litres / ToteRules::FULL / $inside->litres() - 1e-6);
            $count = $least > min(self::MOST, $best->count ?? self::MOST) ? null : self::needed($inside, $loose);
            if (null !== $count && (null === $best || [$count, $count * $inside->litres()] < [$best->count, $best->count * $best->inside->litres()])) {
                $best = new self($inside, $count, $litres);
            }
        }

        return $best;
    }

    /** @param list<Stored> $loose */
    private static function needed(Size $inside, array $loose): ?int
    {
        $totes = array_map(static fn(int $i): StoredTote => new StoredTote('n' . $i, '', '', $inside), range(1, self::MOST));
        $packer = new TotePacker($totes, []);
        $used = [];
        foreach ($loose as $stored) {
            $packed = $packer->pack($stored->piece, $stored->units, null);
            if (array_sum($packed) < $stored->units) {
                return null;
            }
            $used += $packed;
        }

        return \count($used);
    }
}
