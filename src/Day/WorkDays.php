<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Entity\Working;
use Doctrine\ORM\EntityManagerInterface;

/** The days of a swap: its swap day, and those beside it in the order of their dates. */
final readonly class WorkDays
{
    public function __construct(private EntityManagerInterface $entities, private HomeTraditions $traditions) {}

    /** @return list<WorkDay> those beside the swap day */
    public function beside(Swap $swap): array
    {
        return array_values($this->entities->getRepository(WorkDay::class)->findBy(['swap' => $swap], ['date' => 'ASC', 'id' => 'ASC']));
    }

    /** @return list<WorkDay|null> all of them; null is the swap day */
    public function all(Swap $swap): array
    {
        return [null, ...$this->beside($swap)];
    }

    public static function working(Swap $swap, ?WorkDay $day): Working
    {
        return $day?->working() ?? $swap->working();
    }

    public function of(Swap $swap): DaysOfSwap
    {
        $beside = $this->beside($swap);
        $first = min([$swap->swapDay(), ...array_map(static fn(WorkDay $day): \DateTimeImmutable => $day->date(), $beside)]);

        return new DaysOfSwap($swap, $beside, $this->traditions->waits($swap->home(), $first));
    }
}
