<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * Lays all that is in a tote, or is to go into it: the heavy at the bottom, what breaks on top, the large before the small.
 *
 * @internal
 */
final class Filling
{
    /** Places in PackingFacts::order() that the large go before the small by: litres, longest side, largest face. */
    private const MEASURES = [2, 3, 4];

    /** @var list<array{Stored, Laying, int, int, int}> what lies where: left, behind, bottom; a pile counts once */
    public array $lying = [];
    /** @var list<Stored> what goes in nowhere */
    public array $over = [];
    /** What is free beside and above all that lies. */
    public readonly ToteSpace $space;

    /**
     * Tried in several orders until everything has its place; otherwise the one that leaves least over.
     *
     * @param list<Stored> $content
     * @param bool         $isQuick whether the first order is enough, where many totes are asked
     */
    public static function of(StoredTote $tote, array $content, bool $isQuick = false, PackingFacts $known = new PackingFacts()): self
    {
        $best = null;
        foreach ([false, true] as $deep) {
            foreach (self::MEASURES as $measure) {
                $filling = new self($tote, self::inOrder($content, $measure, $known), $deep, $known);
                if ([] === $filling->over || $isQuick) {
                    return $filling;
                }
                if (null === $best || \count($filling->over) < \count($best->over)) {
                    $best = $filling;
                }
            }
        }

        return $best;
    }

    /** @param list<Stored> $content in the order it is laid in */
    private function __construct(StoredTote $tote, array $content, bool $deep, PackingFacts $known)
    {
        $this->space = $space = new ToteSpace($tote->inside, $deep);
        foreach ($content as $stored) {
            $alone = $known->ways($stored->piece, $tote->inside);
            foreach (self::piles($stored) as $units) {
                $pile = new Stored($stored->piece, $units);
                $heights = Laying::nested($stored->piece, $units);
                $at = $space->lay(1 === $units ? $alone : array_map(static fn(Laying $way): Laying => $way->piled($heights), $alone));
                if (null === $at && $units > 1) {
                    // The pile is too high: one beside the other.
                    $this->one($space, $alone, $stored, $units);
                    continue;
                }
                null === $at ? $this->over[] = $pile : $this->lying[] = [$pile, ...$at];
            }
        }
    }

    /** @param list<Laying> $ways */
    private function one(ToteSpace $space, array $ways, Stored $stored, int $units): void
    {
        for ($i = 0; $i < $units; ++$i) {
            $at = $space->lay($ways);
            $one = new Stored($stored->piece, 1);
            null === $at ? $this->over[] = $one : $this->lying[] = [$one, ...$at];
        }
    }

    /**
     * @param list<Stored> $content
     * @param 2|3|4        $measure
     *
     * @return list<Stored> what stands firm before what breaks, the heavy before the light, the large before the small
     */
    private static function inOrder(array $content, int $measure, PackingFacts $known): array
    {
        $keys = [];
        foreach ($content as $i => $stored) {
            $order = $known->order($stored->piece);
            $keys[$i] = [$order[0], !$order[1], -$order[$measure], $stored->piece->id];
        }
        asort($keys);

        return array_map(static fn(int $i): Stored => $content[$i], array_keys($keys));
    }

    /** @return list<int> units a pile: what nests lies in piles of four, all else alone */
    private static function piles(Stored $stored): array
    {
        if (Laying::nested($stored->piece, 2) >= 2) {
            return array_fill(0, $stored->units, 1);
        }
        $piles = array_fill(0, intdiv($stored->units, 4), 4);
        if ($stored->units % 4 > 0) {
            $piles[] = $stored->units % 4;
        }

        return $piles;
    }
}
