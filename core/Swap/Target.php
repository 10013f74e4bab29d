<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Swap;

use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;

/**
 * Where every unit should be when a swap is done.
 *
 * Placed units go to their spots. Of the others, those decided "part" leave; those decided "stay", and
 * those nobody decided on, remain where they are; the rest goes to a tote, units already in a tote stay there. Units lent or lost are left alone.
 */
final readonly class Target
{
    /** @param list<StoredTote> $totes */
    public function __construct(private array $totes) {}

    /** @param list<Intent> $intents largest boxes are packed first */
    public function of(Whereabouts $now, array $intents): Plan
    {
        usort($intents, static fn(Intent $a, Intent $b): int => [$b->piece->size->litres(), $a->piece->id] <=> [$a->piece->size->litres(), $b->piece->id]);
        $moves = [];
        $toPack = [];
        $missing = [];
        foreach ($intents as $intent) {
            $split = (new UnitSplit($now->of($intent->piece->id)))->toSpots($intent);
            array_push($moves, ...$split->moves);
            $missing = $split->short > 0 ? [...$missing, $intent->piece->id => $split->short] : $missing;
            array_push($toPack, ...array_map(static fn(array $rest): array => [$intent, ...$rest], $this->leaving($split->left, $intent)));
        }
        $packer = new TotePacker($this->totes, $this->contents($now, $moves, $intents));
        $loose = [];
        foreach ($toPack as [$intent, $from, $units]) {
            if (Choice::Part === $intent->choice) {
                $moves[] = new PlannedMove($intent->piece, $units, $from, Place::of(PlaceKind::Parted));
                continue;
            }
            $tote = $packer->toteFor($intent->piece, $units, $intent->ownTote);
            $moves[] = new PlannedMove($intent->piece, $units, $from, null === $tote ? Place::of(PlaceKind::Loose) : Place::tote($tote));
            $loose = null === $tote ? [...$loose, $intent->piece->name] : $loose;
        }

        return new Plan(array_values(array_filter($moves, static fn(PlannedMove $move): bool => $move->from->key() !== $move->to->key())), $missing, $loose);
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
     * Litres in each tote once everything that is fetched has left it.
     *
     * @param list<PlannedMove> $moves
     * @param list<Intent>      $intents
     *
     * @return array<string, float>
     */
    private function contents(Whereabouts $now, array $moves, array $intents): array
    {
        $litres = [];
        $add = static function (Place $place, float $volume) use (&$litres): void {
            if (PlaceKind::Tote === $place->kind && null !== $place->id) {
                $litres[$place->id] = ($litres[$place->id] ?? 0.0) + $volume;
            }
        };
        foreach ($intents as $intent) {
            foreach ($now->of($intent->piece->id) as $key => $units) {
                $add(Place::ofKey($key), Choice::Part === $intent->choice ? 0.0 : $intent->piece->size->litres() * $units);
            }
        }
        foreach ($moves as $move) {
            $add($move->from, -$move->piece->size->litres() * $move->count);
        }

        return $litres;
    }
}
