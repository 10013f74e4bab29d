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
    /** @var list<array{Stored, Posture, int, int, int}> what lies where: left, behind, bottom; a pile counts once */
    public array $lying = [];
    /** @var list<Stored> what goes in nowhere */
    public array $over = [];

    /** @param list<Stored> $content */
    public function __construct(StoredTote $tote, array $content)
    {
        $space = new ToteSpace($tote->inside);
        foreach (self::inOrder($content) as $stored) {
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
     * @param list<Stored> $content
     *
     * @return list<Stored>
     */
    private static function inOrder(array $content): array
    {
        usort($content, static fn(Stored $a, Stored $b): int => [$a->piece->isBreakable(), ToteRules::isHeavy($b->piece), $b->piece->packedLitres(), $a->piece->id]
            <=> [$b->piece->isBreakable(), ToteRules::isHeavy($a->piece), $a->piece->packedLitres(), $b->piece->id]);

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
