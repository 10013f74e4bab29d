<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Entity\Home;
use App\Haul\ReadHaul;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
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
        private Catalogue $catalogue,
        private HistoryRepository $history,
        private StockWorth $worth,
        private StandingRepository $standing,
    ) {}

    #[Route('/api/homes/{home}/ledger', methods: ['GET'])]
    public function __invoke(Home $home): LedgerAnswer
    {
        $seasons = [];
        foreach ($this->house->swaps($home) as $swap) {
            $sum = new SeasonSum($swap->budget() ?? Money::zero(), $this->haul->purse($swap)->spent, $this->used->of($swap));
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
            );
        }

        return new LedgerAnswer(
            $seasons,
            $this->idle($home),
            $this->worth->regrets($home),
            $this->worth->doubles($home),
            $this->worth->brokenSets($home),
            ...$this->worth->totals($home),
        );
    }

    /** @return list<IdleAnswer> */
    private function idle(Home $home): array
    {
        $history = $this->history->of($home, null)->histories;
        $records = $this->catalogue->records($home);
        $now = $this->standing->whereabouts($home);
        $idle = [];
        foreach (array_keys($this->catalogue->of($home)) as $id) {
            $since = ($history[$id] ?? null)?->seasonsIdle;
            $owned = $now->owned($id);
            if ($owned > 0 && (null === $since || $since >= self::IDLE_FROM)) {
                $idle[] = new IdleAnswer($id, $since, $records[$id]->costEach->times($owned)->minor);
            }
        }
        usort(
            $idle,
            static fn(IdleAnswer $a, IdleAnswer $b): int => [$b->idle ?? \PHP_INT_MAX, $b->cost, $a->piece] <=> [$a->idle ?? \PHP_INT_MAX, $a->cost, $b->piece],
        );

        return \array_slice($idle, 0, self::MOST_IDLE);
    }
}
