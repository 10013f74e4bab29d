<?php

declare(strict_types=1);

namespace App\Table;

use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Swaps\Plans;
use BrightCupboard\Core\Table\SuggestChoice;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** A window of the stock in order of name: each piece with what is decided, what is suggested and why. */
#[AsController]
final readonly class ReadTable
{
    private const LARGEST_WINDOW = 1000;

    public function __construct(private Plans $plans, private Catalogue $catalogue, private HistoryRepository $history) {}

    #[Route('/api/homes/{home}/swaps/{swap}/table', methods: ['GET'])]
    public function __invoke(Swap $swap, #[MapQueryParameter] int $offset = 0, #[MapQueryParameter] int $limit = self::LARGEST_WINDOW): TableAnswer
    {
        $state = $this->plans->ofWindow($swap, max(0, $offset), max(1, min(self::LARGEST_WINDOW, $limit)));
        $suggest = new SuggestChoice($swap->season());
        $notes = $this->history->notes($swap->home(), $swap->season());
        $last = $this->history->lastChoices($swap->home(), $swap->season());
        $rows = [];
        foreach ($state->catalogue as $id => $entry) {
            if ($state->plan->isOutOfHand($id)) {
                continue;
            }
            $fit = $state->meter->fit($entry->piece);
            $spot = $state->plan->spotNow($id);
            $suggestion = $suggest->suggest($entry->piece, $fit, $spot, $state->plan->historyOf($id)->remembering($last[$id] ?? null, $notes[$id] ?? null));
            $decision = $state->decisions[$id] ?? null;
            $rows[] = new TableRowAnswer(
                $id,
                null !== $spot,
                $decision?->choice,
                $decision->by ?? '',
                $decision->version ?? 0,
                $suggestion->choice,
                $suggestion->reason,
                $suggestion->confidence,
                $fit->score,
                $fit->verdict,
                $fit->ribbon,
                array_sum($state->plan->placed[$id] ?? []),
            );
        }

        return new TableAnswer($this->catalogue->count($swap->home()), $rows);
    }
}
