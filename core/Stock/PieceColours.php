<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\WholePercents;

/** The colours of several pieces together: face area × colour share, colours nearer than CIEDE2000 8 taken for one, the five largest kept. */
final readonly class PieceColours
{
    private const SAME_BELOW = 8.0;
    private const MOST = 5;

    /**
     * @param non-empty-list<Piece> $pieces one unit of each
     *
     * @return list<ColourShare> most first, summing to 100 %
     */
    public function together(array $pieces): array
    {
        return $this->ofUnits(array_map(static fn(Piece $piece): PartUnits => new PartUnits($piece, 1), $pieces));
    }

    /**
     * @param non-empty-list<PartUnits> $units
     *
     * @return list<ColourShare> most first, summing to 100 %
     */
    public function ofUnits(array $units): array
    {
        $areas = [];
        foreach ($units as $part) {
            foreach ($part->piece->colours as $share) {
                $number = $share->colour->number();
                $areas[$number] ??= ['share' => $share, 'area' => 0.0];
                $areas[$number]['area'] += $part->units * $part->piece->faceArea() * $share->percent / 100;
            }
        }
        usort($areas, static fn(array $a, array $b): int => [$b['area'], $a['share']->colour->number()] <=> [$a['area'], $b['share']->colour->number()]);
        $kept = \array_slice($this->joined($areas), 0, self::MOST);

        return array_map(
            static fn(array $one, int $percent): ColourShare => new ColourShare($one['share']->colour, $percent),
            $kept,
            WholePercents::of(array_column($kept, 'area')),
        );
    }

    /**
     * @param list<array{share: ColourShare, area: float}> $areas largest first
     *
     * @return list<array{share: ColourShare, area: float}> largest first
     */
    private function joined(array $areas): array
    {
        $difference = new Ciede2000();
        $kept = [];
        foreach ($areas as $one) {
            $at = \count($kept);
            foreach ($kept as $i => $other) {
                if ($difference->between(Lab::of($one['share']->colour), Lab::of($other['share']->colour)) < self::SAME_BELOW) {
                    $at = $i;
                    break;
                }
            }
            $kept[$at] = ['share' => ($kept[$at] ?? $one)['share'], 'area' => ($kept[$at]['area'] ?? 0.0) + $one['area']];
        }
        usort($kept, static fn(array $a, array $b): int => $b['area'] <=> $a['area']);

        return $kept;
    }
}
