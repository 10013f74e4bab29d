<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Entity\Working;
use BrightCupboard\Core\Day\Carriers;
use BrightCupboard\Core\Day\DayShare;
use BrightCupboard\Core\Day\Waits;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedMove;
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

    /** The day on which the furniture is moved, in the rooms that are emptied then; null: the swap day. */
    public function ofFurniture(Swap $swap): ?WorkDay
    {
        foreach ($this->beside($swap) as $day) {
            if ($day->movesFurniture()) {
                return $day;
            }
        }

        return null;
    }

    public static function working(Swap $swap, ?WorkDay $day): Working
    {
        return $day?->working() ?? $swap->working();
    }

    /** What the traditions of the home hold back in a swap. */
    public function waits(Swap $swap): Waits
    {
        return $this->traditions->waits(
            $swap->home(),
            min([$swap->swapDay(), ...array_map(static fn(WorkDay $day): \DateTimeImmutable => $day->date(), $this->beside($swap))]),
        );
    }

    /**
     * @param list<PlannedMove> $moves of the plan
     *
     * @return array{DayShare, array<string, int>} how the plan is shared among the days, and the turn of each by its id, of the swap day by the empty one
     */
    public function share(Swap $swap, Plan $plan, array $moves): array
    {
        $turns = ['' => 0];
        $spots = [];
        $own = array_fill_keys($swap->working()->ownPieces(), 0);
        $dates = [0 => $swap->swapDay()];
        $beside = $this->beside($swap);
        foreach ($beside as $i => $day) {
            $isEarlier = $day->date() < $swap->swapDay();
            $turn = $turns[$day->id()] = $isEarlier ? $i - 1000 : $i + 1;
            if (!$day->isLook()) {
                $dates[$turn] = $day->date();
            }
            foreach ($day->spots() as $spot) {
                $spots[$spot] = $turn;
            }
            $own += array_fill_keys($day->working()->ownPieces(), $turn);
        }
        ksort($dates);
        $waits = $this->waits($swap);
        $carriers = self::areShared($swap, $beside, $waits) ? Carriers::of($plan, $moves) : new Carriers();

        return [new DayShare($spots, 0, $waits, $dates, $own, $carriers), $turns];
    }

    /**
     * Whether things of one spot may come on several days: pieces have days of their own, or wait by a tradition.
     *
     * @param list<WorkDay> $beside the swap day
     */
    public static function areShared(Swap $swap, array $beside, Waits $waits): bool
    {
        $hasOwn = array_filter([null, ...$beside], static fn(?WorkDay $day): bool => [] !== self::working($swap, $day)->ownPieces());

        return [] !== $hasOwn || '' !== $waits->fingerprint();
    }
}
