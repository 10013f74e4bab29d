<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;

/**
 * Compares what was counted in a tote with what should lie there, and says which units have to change place in the books.
 *
 * What is missing is lost until it is found. What is too much came from where the books still have it: first from
 * what is lost, then loose, then other totes, then spots; where the books have none, it is new.
 */
final readonly class StockTake
{
    private const FROM = [PlaceKind::Lost, PlaceKind::Loose, PlaceKind::Tote, PlaceKind::Spot, PlaceKind::Table, PlaceKind::Lent];

    /**
     * @param array<string, int> $counted piece id => units found; pieces of the tote that are not named were not found
     */
    public function of(string $toteId, Whereabouts $books, array $counted): StockTakeResult
    {
        $tote = Place::tote($toteId);
        $missing = $extra = [];
        $unknown = [];
        foreach (array_keys($books->units) as $piece) {
            $there = $books->at($piece, $tote);
            $found = $counted[$piece] ?? 0;
            if ($found < $there) {
                $missing[] = new Move($piece, $there - $found, $tote, Place::of(PlaceKind::Lost));
            }
            if ($found > $there) {
                [$moves, $left] = $this->broughtFrom($piece, $found - $there, $tote, $books);
                $extra = [...$extra, ...$moves];
                $unknown = $left > 0 ? [...$unknown, $piece => $left] : $unknown;
            }
        }

        return new StockTakeResult($missing, $extra, $unknown);
    }

    /** @return array{list<Move>, int} moves, and the units the books do not have anywhere else */
    private function broughtFrom(string $piece, int $units, Place $tote, Whereabouts $books): array
    {
        $moves = [];
        foreach (self::FROM as $kind) {
            foreach ($books->of($piece) as $key => $there) {
                $place = Place::ofKey($key);
                $taken = $place->kind === $kind && $key !== $tote->key() ? min($units, $there) : 0;
                if ($taken > 0) {
                    $moves[] = new Move($piece, $taken, $place, $tote);
                    $units -= $taken;
                }
            }
        }

        return [$moves, $units];
    }
}
