<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Repository\LoanRepository;
use App\Repository\StandingRepository;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadPieces
{
    private const LARGEST_WINDOW = 1000;

    public function __construct(
        private Catalogue $catalogue,
        private StandingRepository $standing,
        private HistoryRepository $history,
        private LoanRepository $loans,
    ) {}

    #[Route('/api/homes/{home}/pieces', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] int $offset = 0, #[MapQueryParameter] int $limit = 500): PiecePage
    {
        $history = $this->history->of($home, null)->histories;
        [$offset, $limit] = [max(0, $offset), max(1, min(self::LARGEST_WINDOW, $limit))];
        $records = $this->catalogue->records($home, $offset, $limit);
        $loans = $this->loans->open($home);
        $entries = $this->catalogue->of($home, $offset, $limit);
        $now = $this->standing->whereaboutsOf(array_map(strval(...), array_keys($entries)));
        $pieces = [];
        foreach ($entries as $id => $entry) {
            $pieces[] = PieceAnswer::of($entry, $records[$id], $now, $history[$id] ?? null, $loans[$id] ?? []);
        }

        return new PiecePage($this->catalogue->count($home), $offset, $pieces);
    }
}
