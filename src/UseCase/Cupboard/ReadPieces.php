<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Home;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Repository\LoanRepository;
use App\Repository\StandingRepository;
use App\View\Cupboard\PiecePage;
use App\View\Cupboard\PieceView;

final readonly class ReadPieces
{
    private const LARGEST_WINDOW = 1000;

    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private HistoryRepository $history, private LoanRepository $loans) {}

    public function __invoke(Home $home, int $offset, int $limit): PiecePage
    {
        $now = $this->standing->whereabouts($home);
        $history = $this->history->of($home, null);
        [$offset, $limit] = [max(0, $offset), max(1, min(self::LARGEST_WINDOW, $limit))];
        $records = $this->catalogue->records($home, $offset, $limit);
        $loans = $this->loans->open($home);
        $pieces = [];
        foreach ($this->catalogue->of($home, $offset, $limit) as $id => $entry) {
            $pieces[] = PieceView::of($entry, $records[$id], $now, $history[$id] ?? null, $loans[$id] ?? []);
        }

        return new PiecePage($this->catalogue->count($home), $offset, $pieces);
    }
}
