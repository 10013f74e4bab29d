<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Storage\Internal\Load;

/**
 * What tote would take the things that no owned one has room for: the smallest of the usual sizes that takes all of them,
 * or the size of which fewest are needed. What goes into none of the sizes is left out, and said.
 */
final readonly class ToteToBuy
{
    /**
     * Insides as boxes with lids are usually sold (memory), in the unit a home measures in; the flat one is for wreaths, the long
     * one for a tree or rolls.
     */
    private const USUAL = [
        'in' => [[14, 10, 8], [16, 12, 10], [24, 24, 8], [20, 14, 12], [24, 16, 14], [48, 14, 14], [30, 20, 16], [36, 20, 20]],
        'cm' => [[35, 25, 20], [40, 30, 25], [60, 60, 20], [50, 35, 30], [60, 40, 35], [120, 35, 35], [75, 50, 40], [90, 50, 50]],
    ];
    private const MOST = 12;

    /** @param list<Stored> $without what goes into none of these */
    private function __construct(public Size $inside, public int $count, public float $litres, public array $without) {}

    /**
     * @param list<Stored> $loose
     *
     * @return self|null null when there is nothing, or nothing of it goes into any of the sizes
     */
    public static function of(array $loose, LengthUnit $unit = LengthUnit::Inch): ?self
    {
        $best = $cost = null;
        $of = LengthUnit::Inch === $unit ? Length::ofInches(...) : static fn(float $centimetres): Length => Length::ofMillimetres(10 * $centimetres);
        foreach (self::USUAL[$unit->value] as $sides) {
            $inside = new Size(...array_map($of, $sides));
            [$count, $without] = self::packed($inside, $loose);
            $costs = [Load::of($without)->litres, $count, $count * $inside->litres()];
            if ($count > 0 && (null === $cost || $costs < $cost)) {
                $cost = $costs;
                $best = new self($inside, $count, Load::of($loose)->litres - $costs[0], $without);
            }
        }

        return $best;
    }

    /**
     * @param list<Stored> $loose
     *
     * @return array{int, list<Stored>} how many such totes are filled, and what goes into none of them
     */
    private static function packed(Size $inside, array $loose): array
    {
        $packer = new TotePacker(array_map(static fn(int $i): StoredTote => new StoredTote('n' . $i, '', '', $inside), range(1, self::MOST)), []);
        $used = $without = [];
        foreach ($loose as $stored) {
            $packed = $packer->pack($stored->piece, $stored->units, null);
            $used += $packed;
            if (array_sum($packed) < $stored->units) {
                $without[] = new Stored($stored->piece, $stored->units - array_sum($packed));
            }
        }

        return [\count($used), $without];
    }
}
