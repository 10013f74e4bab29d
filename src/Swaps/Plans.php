<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Home;
use App\Entity\Swap;
use App\Journal\Rows;
use App\Repository\Catalogue;
use App\Repository\CatalogueEntry;
use App\Repository\DecisionRow;
use App\Repository\HistoryRepository;
use App\Repository\HouseRepository;
use App\Repository\Past;
use App\Repository\PlanRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlanChange;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Surface\Spot;

/** Reads the plan of a swap as one value, and stores what an act changes about it. */
final readonly class Plans
{
    public function __construct(
        private Catalogue $catalogue,
        private StandingRepository $standing,
        private PlanRepository $plan,
        private HistoryRepository $history,
        private HouseRepository $house,
        private Differences $differences,
        private Rows $rows,
    ) {}

    public function of(Swap $swap): SwapState
    {
        return $this->state($swap, $this->catalogue->of($swap->home()), $this->plan->decisions($swap), $this->start($swap), $this->past($swap));
    }

    /**
     * The plan as far as it is about what is planned in it and some more pieces: enough to put, move and judge them, not to
     * choose among the stock, nor to say how often they stood. It takes no longer for thousands of pieces than for a hundred.
     *
     * @param list<string> $more ids of pieces that are asked about beside them
     */
    public function ofPlanned(Swap $swap, array $more = []): SwapState
    {
        if (null !== $swap->follows()) {
            return $this->of($swap); // where things will be follows from where everything is
        }

        return $this->among($swap, $this->catalogue->planned($swap, $more), new Past([], 0));
    }

    /**
     * The plan as far as it is about what could still be planned: enough to offer and to try, not to say what rests.
     *
     * @param Spot|null $at only what goes there by its kind, where nobody asks how much does not
     */
    public function ofOpen(Swap $swap, ?Spot $at = null): SwapState
    {
        if (null !== $swap->follows()) {
            return $this->of($swap);
        }

        $open = $this->catalogue->open($swap, $at?->kinds() ?? PieceKind::cases());

        // So many that asking where each of them is would take longer than reading where everything is. What nobody placed is
        // open whatever was decided, since what rests or leaves is not among it.
        return $this->state($swap, $open, $this->plan->decisionsOfPlanned($swap), $this->start($swap), $this->past($swap));
    }

    /**
     * The plan as far as it is about pieces of some kinds, without how often they stood.
     *
     * @param list<PieceKind> $kinds
     */
    public function ofKinds(Swap $swap, array $kinds): SwapState
    {
        if (null !== $swap->follows()) {
            return $this->of($swap);
        }

        return $this->among($swap, $this->catalogue->ofKinds($swap->home(), $kinds), new Past([], 0));
    }

    /**
     * Pieces of some kinds with nothing decided or planned.
     *
     * @param list<PieceKind> $kinds
     */
    public function ofNothing(Home $home, array $kinds): Plan
    {
        $catalogue = $this->catalogue->ofKinds($home, $kinds);
        $pieces = array_map(strval(...), array_keys($catalogue));
        $stock = array_map(static fn(CatalogueEntry $entry): Piece => $entry->piece, $catalogue);

        return new Plan($stock, [], $this->standing->whereaboutsOf($pieces), $this->house->measures($home), [], []);
    }

    /** The plan as far as it is about a window of the stock, in order of name. */
    public function ofWindow(Swap $swap, int $offset, int $limit): SwapState
    {
        if (null !== $swap->follows()) {
            $all = $this->of($swap);

            return new SwapState($swap, $all->plan, \array_slice($all->catalogue, $offset, $limit, true), $all->decisions);
        }

        return $this->among($swap, $this->catalogue->of($swap->home(), $offset, $limit), $this->past($swap));
    }

    /** @return array<string, CatalogueEntry> by piece id, what is there to be decided on when the swap starts */
    public function inHand(Swap $swap): array
    {
        if (null !== $swap->follows()) {
            $state = $this->of($swap);

            return array_filter($state->catalogue, static fn(string $id): bool => !$state->plan->isOutOfHand($id), \ARRAY_FILTER_USE_KEY);
        }

        return array_diff_key($this->catalogue->of($swap->home()), $this->standing->outOfHand($swap->home()));
    }

    /** @param array<string, CatalogueEntry> $catalogue by piece id */
    private function among(Swap $swap, array $catalogue, Past $past): SwapState
    {
        $pieces = array_map(strval(...), array_keys($catalogue));

        return $this->state($swap, $catalogue, $this->plan->decisions($swap, $pieces), $this->standing->whereaboutsOf($pieces), $past);
    }

    /** What closed swaps know of the pieces, and when they last stood in this season. */
    private function past(Swap $swap): Past
    {
        return $this->history->of($swap->home(), $swap->season());
    }

    /**
     * @param array<string, CatalogueEntry> $catalogue by piece id
     * @param array<string, DecisionRow>    $decisions by piece id
     */
    private function state(Swap $swap, array $catalogue, array $decisions, Whereabouts $start, Past $past): SwapState
    {
        $choices = $ownTotes = [];
        foreach ($decisions as $piece => $decision) {
            if (null !== $decision->choice) {
                $choices[$piece] = $decision->choice;
            }
        }
        foreach ($catalogue as $id => $entry) {
            $ownTotes[$id] = $entry->ownTote;
        }
        $plan = new Plan(
            array_map(static fn(CatalogueEntry $entry): Piece => $entry->piece, $catalogue),
            $ownTotes,
            $start,
            $this->house->measures($swap->home()),
            $choices,
            $this->plan->places($swap),
            $past->histories,
            $past->closedSwaps,
            faces: array_filter(array_map(static fn(CatalogueEntry $entry): array => $entry->faces, $catalogue)),
        );

        return new SwapState($swap, $plan, $catalogue, $decisions);
    }

    /** Where things are when the swap starts: where they are now, or where the open swap before it will leave them. */
    private function start(Swap $swap): Whereabouts
    {
        $from = $swap->follows();
        if (null === $from) {
            return $this->standing->whereabouts($swap->home());
        }
        $plan = $this->of($from)->plan;
        $there = $plan->start;
        foreach ($this->differences->of($from, $plan)->moves as $move) {
            $there = $there->after(new Move($move->piece->id, $move->count, $move->from, $move->to));
        }

        return $there;
    }

    /** The same, with how things were placed when they came to stand where they are: what stays is planned as it stands. */
    public function withFormerPlaces(SwapState $state): SwapState
    {
        $from = $state->swap->from();
        $stood = [];
        foreach (null === $from ? [] : $this->plan->places($from) as $place) {
            $stood[$place->pieceId . ' ' . $place->spotId] ??= $place;
        }

        return new SwapState($state->swap, $state->plan->withFormerPlaces($stood), $state->catalogue, $state->decisions);
    }

    /** Writes a change, a statement for each kind of it; the state after it is answered without reading again. */
    public function store(SwapState $state, PlanChange $change, string $by): SwapState
    {
        $this->decide($state, $change, $by);
        $this->rows->insert('placement', ['id'], array_map(fn(PlannedPlace $place): array => $this->row($state->swap, $place), $change->stood));
        $this->rows->delete('placement', ['id'], array_map(fn(PlannedPlace $place): array => $this->row($state->swap, $place), $change->takenOff));
        foreach ($change->moved as $place) {
            $before = $this->row($state->swap, $state->plan->places[$place->id]);
            $after = $this->row($state->swap, $place);
            $changed = array_diff_assoc($after, $before);
            if ([] !== $changed) {
                $this->rows->update('placement', $changed, [['key' => ['id' => $place->id], 'before' => array_intersect_key($before, $changed)]]);
            }
        }

        return $state->after($change, $by);
    }

    private function decide(SwapState $state, PlanChange $change, string $by): void
    {
        $new = $changed = [];
        foreach ($change->choices as $piece => $choice) {
            $before = $state->decisions[$piece] ?? null;
            $to = ['choice' => $choice?->value, 'by' => $by];
            $key = ['swap_id' => $state->swap->id(), 'piece_id' => $piece];
            if (null === $before) {
                $new[] = $key + $to;
            } else {
                $changed[$choice->value ?? ''][] = ['key' => $key, 'before' => ['choice' => $before->choice?->value, 'by' => $before->by]];
            }
        }
        $this->rows->insert('decision', ['swap_id', 'piece_id'], $new);
        foreach ($changed as $choice => $rows) {
            $this->rows->update('decision', ['choice' => Choice::tryFrom($choice)?->value, 'by' => $by], $rows);
        }
    }

    /**
     * @return array{
     *   id: string, swap_id: string, piece_id: string, spot_id: string, left_edge: int, layer: string, raise: int,
     *   count: int, tier: int, posture: string|null
     * }
     */
    private function row(Swap $swap, PlannedPlace $place): array
    {
        return [
            'id' => $place->id,
            'swap_id' => $swap->id(),
            'piece_id' => $place->pieceId,
            'spot_id' => $place->spotId,
            'left_edge' => $place->stance->left,
            'layer' => $place->stance->layer->value,
            'raise' => $place->stance->raise,
            'count' => $place->count,
            'tier' => $place->stance->tier,
            'posture' => $place->stance->posture?->value,
            'dips' => $place->stance->dips,
            'face' => $place->stance->face,
        ];
    }
}
