<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\Objection;
use BrightCupboard\Core\Coach\Surroundings;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Surface\SpotHazard;

/** What must not be here for what is near: reach, pets, heat, weather, steam (docs/rules.md, rule 10). Said when it was put here all the same. */
final readonly class NearbyHazards implements CoachRule
{
    public function __construct(private Surroundings $surroundings = new Surroundings()) {}

    public function isAbout(): Check
    {
        return Check::Surroundings;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if ([] === $dressing->spot->hazards) {
            return null;
        }
        $faults = [];
        foreach ($dressing->placed as $placed) {
            $hangsIntoHeat = $placed->drop > 0 && $dressing->spot->has(SpotHazard::Heat) && $placed->piece->burns();
            $objection = $this->surroundings->objection($placed->piece, $dressing->spot, $placed->tier) ?? ($hangsIntoHeat ? Objection::HangsIntoHeat : null);
            if (null !== $objection) {
                $faults[] = Fault::of($objection->name, ['why' => $objection->value], $placed);
            }
        }

        return new Finding(Check::Surroundings, [] === $faults ? Verdict::Good : Verdict::Fix, ['faults' => \count($faults)], $faults);
    }
}
