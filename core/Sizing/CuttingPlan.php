<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** How cuts are made from owned rolls and as few new ones as can be. */
final readonly class CuttingPlan
{
    public int $bought;

    /**
     * @param list<CutRoll> $rolls  those that are cut, owned ones first
     * @param int           $atLeast new rolls that no plan can do without
     */
    public function __construct(public array $rolls, public int $atLeast)
    {
        $this->bought = \count(array_filter($rolls, static fn(CutRoll $roll): bool => null === $roll->from));
    }

    public function isProven(): bool
    {
        return $this->bought === $this->atLeast;
    }
}
