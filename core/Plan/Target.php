<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Storage\FreshPacking;
use BrightCupboard\Core\Storage\Outings;
use BrightCupboard\Core\Storage\Packing;
use BrightCupboard\Core\Storage\PackingJob;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * Where every unit should be when a swap is done.
 *
 * Placed units go to their spots. Of the others, those decided "part" leave; those decided "stay", and
 * those nobody decided on, remain where they are; the rest goes to a tote, units already in a tote stay there. Units lent or lost are left alone.
 */
final readonly class Target
{
    /** @param list<StoredTote> $totes */
    public function __construct(private array $totes, private Outings $outings = new Outings(), private Packing $packing = new FreshPacking()) {}

    /** @param list<Intent> $intents largest boxes are packed first */
    public function of(Whereabouts $now, array $intents): Difference
    {
        $moves = $toPack = $missing = $loose = [];
        $stirred = array_values(array_filter(
            $intents,
            fn(Intent $intent): bool => [] !== $intent->placed || !$this->isAtRest($now->of($intent->piece->id), $intent),
        ));
        foreach ($this->largestFirst($stirred) as $intent) {
            $split = (new UnitSplit($now->of($intent->piece->id)))->toSpots($intent);
            foreach ($split->moves as $move) {
                $moves[] = $move;
            }
            if ($split->short > 0) {
                $missing[$intent->piece->id] = $split->short;
            }
            foreach ($this->leaving($split->left, $intent) as [$from, $units]) {
                $toPack[] = [$intent, $from, $units];
            }
        }
        $room = $this->room($toPack, $now, $moves, $intents);
        foreach ($toPack as [$intent, $from, $left]) {
            if (Choice::Part === $intent->choice) {
                $moves[] = new PlannedMove($intent->piece, $left, $from, Place::of(PlaceKind::Parted));
                continue;
            }
            foreach ($room[$intent->piece->id] ?? [] as $tote => $units) {
                $taken = min($left, $units);
                $room[$intent->piece->id][$tote] -= $taken;
                $left -= $taken;
                if ($taken > 0) {
                    $moves[] = new PlannedMove($intent->piece, $taken, $from, Place::tote($tote));
                }
            }
            if ($left > 0) {
                $moves[] = new PlannedMove($intent->piece, $left, $from, Place::of(PlaceKind::Loose));
                $loose[] = new Stored($intent->piece, $left);
            }
        }

        return new Difference(
            array_values(array_filter($moves, static fn(PlannedMove $move): bool => $move->from->key() !== $move->to->key())),
            $missing,
            $loose,
            $this->totes,
        );
    }

    /**
     * @param list<array{Intent, Place, int}> $toPack
     * @param list<PlannedMove>               $moves
     * @param list<Intent>                    $intents
     *
     * @return array<string, array<string, int>> units by id of the piece and of the tote
     */
    private function room(array $toPack, Whereabouts $now, array $moves, array $intents): array
    {
        $pieces = [];
        foreach ($toPack as [$intent, $from, $units]) {
            if (Choice::Part !== $intent->choice) {
                $pieces[] = [$intent->piece, $units, $intent->ownTote];
            }
        }

        return [] === $pieces
            ? []
            : $this->packing->totesFor(new PackingJob($this->totes, $this->contents($now, $moves, $intents), $this->opened($moves), $this->outings, $pieces));
    }

    /**
     * Whether all of it is in totes and nothing says it should leave them; most of a large stock is.
     *
     * @param array<string, int> $there place key => units
     */
    private function isAtRest(array $there, Intent $intent): bool
    {
        foreach ($there as $key => $units) {
            if (!str_starts_with($key, PlaceKind::Tote->value . ':')) {
                return false;
            }
        }

        return Choice::Part !== $intent->choice;
    }

    /**
     * @param list<Intent> $intents
     *
     * @return list<Intent> largest box first, by id where alike
     */
    private function largestFirst(array $intents): array
    {
        $litres = $ids = [];
        foreach ($intents as $intent) {
            $litres[] = $intent->piece->size->litres();
            $ids[] = $intent->piece->id;
        }
        array_multisort($litres, \SORT_DESC, \SORT_NUMERIC, $ids, \SORT_ASC, \SORT_STRING, $intents);

        return $intents;
    }

    /**
     * @param array<string, int> $left place key => units without a spot in the plan
     *
     * @return list<array{Place, int}>
     */
    private function leaving(array $left, Intent $intent): array
    {
        $isUndecided = null === $intent->choice && [] === $intent->placed;
        $leaving = [];
        foreach ($left as $key => $units) {
            $place = Place::ofKey($key);
            $isOut = \in_array($place->kind, [PlaceKind::Spot, PlaceKind::Table, PlaceKind::Arrived], true);
            $staysPut = PlaceKind::Spot === $place->kind && ($isUndecided || Choice::Stay === $intent->choice);
            $parts = Choice::Part === $intent->choice && \in_array($place->kind, [PlaceKind::Tote, PlaceKind::Loose], true);
            if (($isOut && !$staysPut) || $parts) {
                $leaving[] = [$place, $units];
            }
        }

        return $leaving;
    }

    /**
     * What stays in each tote once everything that is fetched has left it.
     *
     * @param list<PlannedMove> $moves
     * @param list<Intent>      $intents
     *
     * @return array<string, list<Stored>> by place key
     */
    private function contents(Whereabouts $now, array $moves, array $intents): array
    {
        $left = [];
        foreach ($moves as $move) {
            $key = $move->from->key();
            $left[$move->piece->id][$key] = ($left[$move->piece->id][$key] ?? 0) + $move->count;
        }
        $contents = [];
        foreach ($intents as $intent) {
            if (Choice::Part === $intent->choice) {
                continue;
            }
            foreach ($now->of($intent->piece->id) as $key => $units) {
                $stays = $units - ($left[$intent->piece->id][$key] ?? 0);
                if ($stays > 0 && str_starts_with($key, PlaceKind::Tote->value . ':')) {
                    $contents[$key][] = new Stored($intent->piece, $stays);
                }
            }
        }

        return $contents;
    }

    /**
     * @param list<PlannedMove> $moves
     *
     * @return array<string, true> ids of the totes that something is fetched from
     */
    private function opened(array $moves): array
    {
        $open = [];
        foreach ($moves as $move) {
            if (PlaceKind::Tote === $move->from->kind && null !== $move->from->id) {
                $open[$move->from->id] = true;
            }
        }

        return $open;
    }
}
