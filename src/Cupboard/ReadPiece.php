<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Piece;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Repository\LoanRepository;
use App\Repository\StandingRepository;

final readonly class ReadPiece
{
    public function __construct(
        private Catalogue $catalogue,
        private StandingRepository $standing,
        private HistoryRepository $history,
        private LoanRepository $loans,
    ) {}

    public function __invoke(Piece $piece): PieceAnswer
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');

        return PieceAnswer::of(
            $entry,
            $piece->record(),
            $this->standing->ofPiece($piece),
            $this->history->of($piece->home(), null)->histories[$piece->id()] ?? null,
            $this->loans->openOf($piece),
        );
    }
}
