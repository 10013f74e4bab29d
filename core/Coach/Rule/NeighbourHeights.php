<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;

/** Pair large with medium, not large with small: the lower of two neighbours is 50 to 85 % of the taller (docs/rules.md, rule 5). */
final readonly class NeighbourHeights implements CoachRule
{
    public const CODE = 'heights.neighbours';
    private const LEAST = 0.50;
    private const MOST = 0.85;

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $standing = $dressing->standing();
        if (\count($standing) < 2) {
            return null;
        }
        $said = [];
        $about = [];
        for ($i = 1; $i < \count($standing); ++$i) {
            $said = [...$said, ...$this->between($standing[$i - 1], $standing[$i], $about)];
        }
        $pairs = \count($standing) - 1;

        return new Finding(
            self::CODE,
            'Neighbours',
            match (true) {
                [] === $said => Verdict::Good,
                \count($said) * 2 > $pairs => Verdict::Fix,
                default => Verdict::LookAgain,
            },
            sprintf('%d of %d pairs step well', $pairs - \count($said), $pairs),
            'each at least half and at most six sevenths of its taller neighbour',
            [] === $said ? 'Large stands with medium, medium with small.' : implode(' ', \array_slice($said, 0, 3)),
            null,
            $about,
        );
    }

    /**
     * @param list<string> $about
     *
     * @param-out list<string> $about
     *
     * @return list<string>
     */
    private function between(PlacedPiece $one, PlacedPiece $two, array &$about): array
    {
        $ratio = min($one->top, $two->top) / max($one->top, $two->top, 1);
        if ($ratio >= self::LEAST && $ratio <= self::MOST) {
            return [];
        }
        array_push($about, $one->id, $two->id);
        $names = sprintf('%s and %s', $one->piece->name, $two->piece->name);

        return [$ratio > self::MOST ? $names . ' end level and read as a row.' : $names . ' are too far apart in height.'];
    }
}
