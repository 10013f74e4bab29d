<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Entity\Home;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Repository\StandingRepository;

/** Reads what a home owns. */
final readonly class OwnedStocks
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private HistoryRepository $history) {}

    public function of(Home $home): OwnedStock
    {
        return new OwnedStock(
            $this->catalogue->of($home),
            $this->catalogue->records($home),
            $this->standing->whereabouts($home),
            $this->history->of($home, null)->histories,
            $this->history->closedSeasons($home),
        );
    }
}
