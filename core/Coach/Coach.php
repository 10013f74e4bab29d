<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** Looks a dressed spot over, check by check, as far as each applies to the form of the spot. */
final readonly class Coach
{
    /** @var list<CoachRule> */
    private array $rules;

    public function __construct()
    {
        $this->rules = [
            new Rule\PhysicalFit(), new Rule\FlameClearance(), new Rule\NearbyHazards(), new Rule\PostureHere(), new Rule\SightLine(),
            new Rule\SettingsFree(), new Rule\LiftedInOneGo(), new Rule\MirrorFree(), new Rule\CordHidden(), new Rule\HookLoad(),
            new Rule\HangingHeight(), new Rule\SideBalance(), new Rule\BothSidesAlike(), new Rule\HeightLevels(), new Rule\NeighbourHeights(),
            new Rule\RowsStepDown(),
            new Rule\OddGroups(), new Rule\Air(), new Rule\NothingHidden(), new Rule\WallContrast(), new Rule\OneLeads(), new Rule\Echoes(),
            new Rule\MetalOnBoards(), new Rule\EvenBands(), new Rule\LookFit(), new Rule\TextureMix(),
        ];
    }

    /** @return list<Finding> worst first, otherwise in the order of the checks; none for a bare spot */
    public function lookOver(Dressing $dressing, Judgement $by): array
    {
        return $this->lookOverUnlessUnsafe($dressing, $by, \PHP_INT_MAX) ?? [];
    }

    /**
     * The same of what is only tried: left off as soon as it has more faults of room and safety than it may, for these are looked at first.
     *
     * @return list<Finding>|null null where it has more
     */
    public function lookOverUnlessUnsafe(Dressing $dressing, Judgement $by, int $mostFaults): ?array
    {
        if ([] === $dressing->placed) {
            return [];
        }
        $fix = $open = $rest = [];
        $faults = 0;
        $weights = Check::weights($dressing->spot->form());
        foreach ($this->rules as $rule) {
            $finding = $weights[$rule->isAbout()->value] > 0 ? $rule->check($dressing, $by) : null;
            if (null === $finding) {
                continue;
            }
            if (Verdict::Good !== $finding->verdict && \in_array($finding->check, $by->overruled, true)) {
                $finding = $finding->overruled();
            }
            $faults += self::unsafe([$finding]);
            if ($faults > $mostFaults) {
                return null;
            }
            if (!$finding->isOpen()) {
                $rest[] = $finding;
            } elseif (Verdict::Fix === $finding->verdict) {
                $fix[] = $finding;
            } else {
                $open[] = $finding;
            }
        }

        return [...$fix, ...$open, ...$rest];
    }

    /** How far off one thing alone would be that was found open, 0 when good to 1: a twentieth of the work of looking over all. */
    public function penalty(Check $check, Dressing $dressing, Judgement $by): float
    {
        foreach ($this->rules as $rule) {
            if ($rule->isAbout() === $check) {
                return $rule->check($dressing, $by)?->penalty() ?? 0.0;
            }
        }

        return 0.0;
    }

    /**
     * One figure for the whole, 0 to 100: what each finding takes of the weight of its check, against the weights of all
     * checks of the form. The denominator is that of the form, so that a fuller spot does not score better for being asked more.
     *
     * @param list<Finding> $findings of that dressing
     */
    public function score(Dressing $dressing, array $findings): float
    {
        $weights = Check::weights($dressing->spot->form());
        $lost = 0.0;
        foreach ($findings as $finding) {
            $lost += $weights[$finding->check->value] * $finding->penalty();
        }

        return 100 * (1 - $lost / array_sum($weights));
    }

    /**
     * What is to be mended.
     *
     * @param list<Finding> $findings
     *
     * @return array<string, Check> by their values
     */
    public static function toMend(array $findings): array
    {
        $checks = [];
        foreach ($findings as $finding) {
            if (Verdict::Fix === $finding->verdict) {
                $checks[$finding->check->value] = $finding->check;
            }
        }

        return $checks;
    }

    /**
     * How many faults of room and safety are to be mended: what is offered may add none.
     *
     * @param list<Finding> $findings
     */
    public static function unsafe(array $findings): int
    {
        $faults = 0;
        foreach ($findings as $finding) {
            $faults += Verdict::Fix === $finding->verdict && !$finding->check->isTaste() ? \count($finding->faults) : 0;
        }

        return $faults;
    }
}
