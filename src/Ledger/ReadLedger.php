<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Entity\Home;
use App\Haul\ReadHaul;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\SeasonSum;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The seasons side by side, and what has not stood anywhere for long. */
#[AsController]
final readonly class ReadLedger
{
    private const IDLE_FROM = 2;
    private const MOST_IDLE = 40;

    public function __construct(
        private HouseRepository $house,
        private ReadHaul $haul,
        private UsedPieces $used,
        private OwnedStocks $stocks,
        private StockWorth $worth,
    ) {}

    #[Route('/api/homes/{home}/ledger', methods: ['GET'])]
    public function __invoke(Home $home): LedgerAnswer
    {
        $stock = $this->stocks->of($home);
        $seasons = [];
        foreach ($this->house->swaps($home) as $swap) {
            $sum = new SeasonSum($swap->budget() ?? Money::zero(), $this->haul->purse($swap)->spent, $this->used->of($swap, $stock));
            $seasons[] = new SeasonRowAnswer(
                $swap->id(),
                $swap->name(),
                $swap->swapDay()->format('Y-m-d'),
                null !== $swap->closedAt(),
                $swap->budget()?->minor,
                $sum->spent->minor,
                $sum->reusedUnits,
                $sum->newUnits,
                $sum->reusedValue->minor,
                $sum->newValue->minor,
                $sum->reusedUnpriced,
            );
        }

        return new LedgerAnswer(
            $seasons,
            $this->idle($stock),
            $this->worth->regrets($stock),
            $this->worth->doubles($stock),
            $this->worth->brokenSets($home, $stock->now),
            ...$this->worth->totals($stock),
        );
    }

    /** @return list<IdleAnswer> */
    private function idle(OwnedStock $stock): array
    {
        $idle = [];
        foreach (array_keys($stock->entries) as $id) {
            $since = ($stock->histories[$id] ?? null)?->seasonsIdle;
            $owned = $stock->now->owned($id);
            if ($owned > 0 && (null === $since || $since >= self::IDLE_FROM)) {
                $idle[] = new IdleAnswer($id, $since, $stock->records[$id]->costEach->times($owned)->minor);
            }
        }
        usort(
            $idle,
            static fn(IdleAnswer $a, IdleAnswer $b): int => [$b->idle ?? \PHP_INT_MAX, $b->cost, $a->piece] <=> [$a->idle ?? \PHP_INT_MAX, $a->cost, $b->piece],
        );

        return \array_slice($idle, 0, self::MOST_IDLE);
    }
}
