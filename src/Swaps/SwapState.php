<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Swap;
use App\Repository\CatalogueEntry;
use App\Repository\DecisionRow;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlanChange;

/** A swap at one moment: its plan, the look it is judged by, and what is stored beside both. */
final readonly class SwapState
{
    public FitMeter $meter;
    public Look $look;

    /**
     * @param array<string, CatalogueEntry> $catalogue by piece id, in order of name
     * @param array<string, DecisionRow>    $decisions by piece id
     */
    public function __construct(public Swap $swap, public Plan $plan, public array $catalogue, public array $decisions)
    {
        $this->look = $swap->look()->look();
        $this->meter = new FitMeter($this->look, $swap->season());
    }

    public function judgement(): Judgement
    {
        return new Judgement($this->look, $this->meter);
    }

    public function after(PlanChange $change, string $by): self
    {
        $decisions = $this->decisions;
        foreach ($change->choices as $piece => $choice) {
            $decisions[$piece] = new DecisionRow($choice, $by, ($decisions[$piece]->version ?? 0) + 1);
        }

        return new self($this->swap, $this->plan->with($change), $this->catalogue, $decisions);
    }
}
