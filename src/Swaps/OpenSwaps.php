<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Home;
use App\Entity\Swap;
use App\Http\Conflict;
use App\Repository\HouseRepository;

/** The swaps of a home that are not closed: each begins from where the one before leaves things. */
final readonly class OpenSwaps
{
    /** Each open one has to be worked out before the next, so they are few. */
    private const MOST = 3;

    public function __construct(private HouseRepository $house) {}

    /** The swap that the next one begins from: the last open one, else the last closed; null in a new home. */
    public function last(Home $home): ?Swap
    {
        $swaps = $this->house->swaps($home);
        $open = array_filter($swaps, static fn(Swap $swap): bool => null === $swap->closedAt());
        $isFollowed = static fn(Swap $swap): bool => [] !== array_filter($open, static fn(Swap $next): bool => $next->from() === $swap);
        $tips = array_values(array_filter($open, static fn(Swap $swap): bool => !$isFollowed($swap)));

        return $tips[0] ?? $swaps[0] ?? null;
    }

    /** @throws Conflict when there are too many, or one is called the same, or it would come before the one it follows */
    public function allow(Home $home, Swap $next): void
    {
        $open = array_filter($this->house->swaps($home), static fn(Swap $swap): bool => null === $swap->closedAt());
        foreach ($open as $swap) {
            if (mb_strtolower($swap->name()) === mb_strtolower($next->name())) {
                throw new Conflict(sprintf('%s is open already. Give the next one another name, or go on with that one.', $swap->name()));
            }
        }
        if (\count($open) >= self::MOST) {
            throw new Conflict(sprintf('%d swaps are open. Close %s in Settle before another begins.', self::MOST, end($open)->name()));
        }
        $from = $next->follows();
        if (null !== $from && $next->swapDay() <= $from->swapDay()) {
            throw new Conflict(sprintf(
                '%s is still open and comes on %s. The next one begins from it, on a later day.',
                $from->name(),
                $from->swapDay()->format('j F Y'),
            ));
        }
    }

    /** What follows a swap that is closed begins from where things are. */
    public function lead(Swap $closed): void
    {
        foreach ($this->house->swaps($closed->home()) as $swap) {
            if ($swap->follows() === $closed) {
                $swap->leads();
            }
        }
    }

    /** @throws Conflict when the swap before it is still open */
    public function requireFirst(Swap $swap): void
    {
        $from = $swap->follows();
        if (null !== $from) {
            throw new Conflict(sprintf('%s comes first and is still open. Close it before %s.', $from->name(), $swap->name()));
        }
    }
}
