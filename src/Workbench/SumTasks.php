<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Swap;
use App\Http\InvalidInput;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Day\Preparation;
use BrightCupboard\Core\Plan\FreeForSum;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Storage\StoredTote;

/** What the sums kept for a swap leave to do on its day: ribbon to cut, hooks, strands to try, batteries and timers. */
final readonly class SumTasks
{
    private const MOST_CHARACTERS = 120;

    /**
     * @param list<SumOfDay>   $kept  for the swap
     * @param list<StoredTote> $totes of its home
     *
     * @return list<Preparation>
     */
    public function of(Swap $swap, Plan $plan, array $kept, array $totes): array
    {
        $words = new SumWords($swap->home());
        $kept = array_filter($kept, static fn(SumOfDay $sum): bool => null === $sum->spotId || isset($plan->spots[$sum->spotId]));
        $free = new FreeForSum($plan, $totes);
        $tasks = [];
        foreach ($kept as $sum) {
            foreach ($this->answer($swap, $free, $sum)->tasks ?? [] as $i => $said) {
                $title = sprintf('%s (%s)', $words->line($said), $plan->spots[$sum->spotId ?? '']->name ?? $sum->name);
                $tasks[] = new Preparation($sum->id . ':' . $i, mb_strimwidth($title, 0, self::MOST_CHARACTERS, '…'), $sum->spotId);
            }
        }

        return $tasks;
    }

    /** Null when the sum does not come out any more, such as for a spot that was measured anew. */
    private function answer(Swap $swap, FreeForSum $free, SumOfDay $sum): ?Answer
    {
        try {
            $owned = $free->of($sum->sum, $swap->season(), $sum->spotId);

            return (new SumReader($swap->home()))->answer($sum->sum->sum(), $sum->values, $owned);
        } catch (InvalidInput) {
            return null;
        }
    }
}
