<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\KeptSum;
use App\Entity\Swap;
use App\Http\InvalidInput;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Day\Preparation;
use BrightCupboard\Core\Sizing\Answer;

/** What the sums kept for a swap leave to do on its day: ribbon to cut, hooks, strands to try, batteries and timers. */
final readonly class SumTasks
{
    private const MOST_CHARACTERS = 120;

    public function __construct(private Reckoning $reckoning) {}

    /**
     * @param list<KeptSum> $kept for the swap
     *
     * @return list<Preparation>
     */
    public function of(Swap $swap, array $kept): array
    {
        $words = new SumWords($swap->home());
        $tasks = [];
        foreach ($kept as $sum) {
            foreach ($this->answer($swap, $sum)->tasks ?? [] as $i => $said) {
                $title = sprintf('%s (%s)', $words->line($said), $sum->spot()?->name() ?? $sum->name());
                $tasks[] = new Preparation($sum->id() . ':' . $i, mb_strimwidth($title, 0, self::MOST_CHARACTERS, '…'), $sum->spot()?->id());
            }
        }

        return $tasks;
    }

    /** Null when the sum does not come out any more, such as for a spot that was measured anew. */
    private function answer(Swap $swap, KeptSum $sum): ?Answer
    {
        try {
            $values = array_map(static fn(array $value): SumValueInput => new SumValueInput($value['name'], $value['text']), $sum->given());

            return $this->reckoning->answer($swap->home(), $sum->sum(), new SumInput($values, $swap->id(), $sum->spot()?->id()));
        } catch (InvalidInput) {
            return null;
        }
    }
}
