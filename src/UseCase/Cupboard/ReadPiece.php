<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Piece;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Repository\LoanRepository;
use App\Repository\StandingRepository;
use App\View\Cupboard\PieceView;

final readonly class ReadPiece
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private HistoryRepository $history, private LoanRepository $loans) {}

    public function __invoke(Piece $piece): PieceView
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');

        return PieceView::of($entry, $piece->record(), $this->standing->ofPiece($piece), $this->history->of($piece->home(), null)[$piece->id()] ?? null, $this->loans->openOf($piece));
    }
}
