<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Entity\Working;
use BrightCupboard\Core\Day\DayShare;
use Doctrine\ORM\EntityManagerInterface;

/** The days of a swap: its swap day, and those beside it in the order of their dates. */
final readonly class WorkDays
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<WorkDay> those beside the swap day */
    public function beside(Swap $swap): array
    {
        return array_values($this->entities->getRepository(WorkDay::class)->findBy(['swap' => $swap], ['date' => 'ASC', 'id' => 'ASC']));
    }

    public static function working(Swap $swap, ?WorkDay $day): Working
    {
        return $day?->working() ?? $swap->working();
    }

    /** @return array{DayShare, array<string, int>} how the plan is shared among the days, and the turn of each by its id, of the swap day by the empty one */
    public function share(Swap $swap): array
    {
        $turns = ['' => 0];
        $spots = [];
        foreach ($this->beside($swap) as $i => $day) {
            $isEarlier = $day->date() < $swap->swapDay();
            $turns[$day->id()] = $isEarlier ? $i - 1000 : $i + 1;
            foreach ($day->spots() as $spot) {
                $spots[$spot] = $turns[$day->id()];
            }
        }

        return [new DayShare($spots), $turns];
    }
}
