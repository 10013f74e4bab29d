<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Coach\Rule\FlameClearance;
use BrightCupboard\Core\Coach\Rule\HeightLevels;
use BrightCupboard\Core\Coach\Rule\LookFit;
use BrightCupboard\Core\Coach\Rule\NeighbourHeights;
use BrightCupboard\Core\Coach\Rule\OddGroups;
use BrightCupboard\Core\Coach\Rule\PhysicalFit;
use BrightCupboard\Core\Coach\Rule\SideBalance;
use BrightCupboard\Core\Coach\Rule\TextureMix;
use BrightCupboard\Core\Coach\Rule\UsedWidth;

/** Looks a dressed spot over, rule by rule; the order is that of the sheet: what cannot be, what is unsafe, then taste. */
final readonly class Coach
{
    /** @var list<CoachRule> */
    private array $rules;

    public function __construct()
    {
        $this->rules = [
            new PhysicalFit(), new FlameClearance(), new SideBalance(), new HeightLevels(), new NeighbourHeights(),
            new OddGroups(), new UsedWidth(), new LookFit(), new TextureMix(),
        ];
    }

    /** @return list<Finding> worst first, otherwise in the order of the rules */
    public function lookOver(Dressing $dressing, Judgement $by): array
    {
        $findings = [];
        foreach ($this->rules as $rule) {
            $finding = $rule->check($dressing, $by);
            if (null !== $finding) {
                $findings[] = $finding;
            }
        }
        $rank = static fn(Finding $finding): int => match ($finding->verdict) {
            Verdict::Fix => 0, Verdict::LookAgain => 1, Verdict::Good => 2,
        };
        usort($findings, static fn(Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return $findings;
    }
}
