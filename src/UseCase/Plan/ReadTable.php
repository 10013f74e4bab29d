<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Swap;
use App\Repository\HistoryRepository;
use App\View\Plan\GuardView;
use App\View\Plan\TableRowView;
use App\View\Plan\TableView;
use BrightCupboard\Core\Swap\History;
use BrightCupboard\Core\Swap\SuggestChoice;

/** Every piece with what is decided, what is suggested and why. */
final readonly class ReadTable
{
    public function __construct(private SwapReader $read, private WatchTable $guards, private HistoryRepository $history) {}

    public function __invoke(Swap $swap): TableView
    {
        $state = ($this->read)($swap);
        $suggest = new SuggestChoice($swap->season());
        $notes = $this->history->notes($swap->home(), $swap->season());
        $rows = [];
        $decided = 0;
        foreach ($state->catalogue as $id => $entry) {
            if ($state->isOutOfHand($id)) {
                continue;
            }
            $fit = $state->meter->fit($entry->piece);
            $spot = $state->spotNow($id);
            $suggestion = $suggest->suggest($entry->piece, $fit, $spot, $this->withNote($state->historyOf($id), $notes[$id] ?? null));
            $decision = $state->decisions[$id] ?? null;
            $decided += null === $decision?->choice ? 0 : 1;
            $rows[] = new TableRowView($id, null !== $spot, $decision?->choice, $decision->by ?? '', $decision->version ?? 0, $suggestion->choice, $suggestion->reason, $suggestion->confidence, $fit->score, $fit->verdict, $fit->ribbon, array_sum($state->placed[$id] ?? []));
        }

        return new TableView($decided, $rows, array_map(GuardView::of(...), ($this->guards)($state)));
    }

    private function withNote(History $history, ?string $note): History
    {
        return null === $note ? $history : new History($history->seasonsWorn, $history->seasonsIdle, $history->lastSpotInThisSeason, $history->lastChoice, mb_strimwidth($note, 0, 120, '…'));
    }
}
