<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;

/** Every group has a tall, a middle and a low; two tops are one level unless 15 % apart (docs/rules.md, rule 4). */
final readonly class HeightLevels implements CoachRule
{
    public const CODE = 'heights.levels';
    private const APART = 0.15;
    private const WANTED = 3;

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $standing = $dressing->standing();
        if (\count($standing) < 2) {
            return null;
        }
        $tops = array_map(static fn(PlacedPiece $piece): int => $piece->top, $standing);
        rsort($tops);
        $levels = [];
        foreach ($tops as $top) {
            if ([] === $levels || $top <= end($levels) * (1 - self::APART)) {
                $levels[] = $top;
            }
        }
        $wanted = min(self::WANTED, \count($standing));
        $said = implode(', ', array_map(static fn(int $top): string => $by->lengths->write(Length::ofTenths($top)), $levels));
        $isGood = \count($levels) >= $wanted;

        return new Finding(
            self::CODE,
            'Heights',
            $isGood ? Verdict::Good : Verdict::LookAgain,
            sprintf('%d %s: %s', \count($levels), 1 === \count($levels) ? 'level' : 'levels', $said),
            sprintf('%d levels at least, 15 %% apart', $wanted),
            $isGood ? 'A tall, a middle and a low.' : 'Too level: raise a piece on books or a riser, or bring one that is taller or lower.',
        );
    }
}
