<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * Lays all that is in a tote, or is to go into it: the heavy at the bottom, what breaks on top, the large before the small.
 *
 * @internal
 */
final class Filling
{
    private const MEASURES = ['litres', 'longest', 'flattest'];

    /** @var list<array{Stored, Posture, int, int, int}> what lies where: left, behind, bottom; a pile counts once */
    public array $lying = [];
    /** @var list<Stored> what goes in nowhere */
    public array $over = [];

    /**
     * Tried in several orders until everything has its place; otherwise the one that leaves least over.
     *
     * @param list<Stored> $content
     * @param bool         $isQuick whether the first order is enough, where many totes are asked
     */
    public static function of(StoredTote $tote, array $content, bool $isQuick = false): self
    {
        $best = null;
        foreach ([false, true] as $deep) {
            foreach (self::MEASURES as $measure) {
                $filling = new self($tote, self::inOrder($content, $measure), $deep);
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
    private function __construct(StoredTote $tote, array $content, bool $deep)
    {
        $space = new ToteSpace($tote->inside, $deep);
        foreach ($content as $stored) {
            foreach (self::piles($stored) as $units) {
                $pile = new Stored($stored->piece, $units);
                $heights = Posture::nested($stored->piece, $units);
                $ways = array_map(static fn(Posture $way): Posture => $units > 1 ? $way->piled($heights) : $way, Posture::ways($stored->piece, $tote->inside));
                $at = $space->lay($ways);
                if (null === $at && $units > 1) {
                    // The pile is too high: one beside the other.
                    $this->one($space, $tote, $stored, $units);
                    continue;
                }
                null === $at ? $this->over[] = $pile : $this->lying[] = [$pile, ...$at];
            }
        }
    }

    private function one(ToteSpace $space, StoredTote $tote, Stored $stored, int $units): void
    {
        for ($i = 0; $i < $units; ++$i) {
            $at = $space->lay(Posture::ways($stored->piece, $tote->inside));
            $one = new Stored($stored->piece, 1);
            null === $at ? $this->over[] = $one : $this->lying[] = [$one, ...$at];
        }
    }

    /**
     * @param list<Stored>                  $content
     * @param 'litres'|'longest'|'flattest' $measure that the large go before the small by
     *
     * @return list<Stored>
     */
    private static function inOrder(array $content, string $measure): array
    {
        $size = static function (Piece $piece) use ($measure): float {
            $sides = [$piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths()];
            sort($sides);

            return match ($measure) {
                'litres' => $piece->packedLitres(),
                'longest' => $sides[2],
                'flattest' => $sides[1] * $sides[2],
            };
        };
        usort($content, static fn(Stored $a, Stored $b): int => [$a->piece->isBreakable(), ToteRules::isHeavy($b->piece), $size($b->piece), $a->piece->id]
            <=> [$b->piece->isBreakable(), ToteRules::isHeavy($a->piece), $size($a->piece), $b->piece->id]);

        return $content;
    }

    /** @return list<int> units a pile: what nests lies in piles of four, all else alone */
    private static function piles(Stored $stored): array
    {
        if (Posture::nested($stored->piece, 2) >= 2) {
            return array_fill(0, $stored->units, 1);
        }
        $piles = array_fill(0, intdiv($stored->units, 4), 4);
        if ($stored->units % 4 > 0) {
            $piles[] = $stored->units % 4;
        }

        return $piles;
    }
}
