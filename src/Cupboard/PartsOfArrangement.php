<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Piece;
use App\Http\InvalidInput;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;

/** Moves the units that are parts of an arrangement into it and out again. */
final readonly class PartsOfArrangement
{
    /** What lies ready is taken before what stands somewhere. */
    private const TAKE_FROM = [PlaceKind::Table, PlaceKind::Arrived, PlaceKind::Loose, PlaceKind::Tote, PlaceKind::Spot];

    public function __construct(private StockBook $book, private StandingRepository $standing) {}

    /**
     * Where so many units would be taken from.
     *
     * @param string $first key of the place that is asked first
     *
     * @return list<array{Place, int}>
     */
    public function sources(Piece $part, int $units, string $first = ''): array
    {
        $there = $this->standing->ofPiece($part)->of($part->id());
        $order = static fn(Place $place): int => $place->key() === $first ? -1 : (int) array_search($place->kind, self::TAKE_FROM, true);
        $places = array_filter(
            array_map(Place::ofKey(...), array_keys($there)),
            static fn(Place $place): bool => \in_array($place->kind, self::TAKE_FROM, true),
        );
        usort($places, static fn(Place $a, Place $b): int => [$order($a), $a->key()] <=> [$order($b), $b->key()]);
        $sources = [];
        $left = $units;
        foreach ($places as $place) {
            $taken = min($left, $there[$place->key()]);
            if ($taken > 0) {
                $sources[] = [$place, $taken];
                $left -= $taken;
            }
        }

        return 0 === $left
            ? $sources
            : throw InvalidInput::at(
                'parts',
                sprintf('Only %d of %s can be had, %d are wanted. The others are away or part of something else.', $units - $left, $part->name(), $units),
            );
    }

    /** @param string $first key of the place that is asked first */
    public function takeIn(Piece $arrangement, Piece $part, int $units, string $by, string $first = ''): void
    {
        foreach ($this->sources($part, $units, $first) as [$place, $taken]) {
            $this->book->move(
                $part,
                new Move($part->id(), $taken, $place, Place::within($arrangement->id())),
                $by,
                'put together as ' . mb_substr($arrangement->name(), 0, 90),
            );
        }
    }

    /** @return int units that came out; fewer than asked when not so many were in it */
    public function takeOut(Piece $arrangement, Piece $part, int $units, Place $to, string $by): int
    {
        $within = Place::within($arrangement->id());
        $out = min($units, $this->standing->ofPiece($part)->at($part->id(), $within));
        if ($out > 0) {
            $this->book->move($part, new Move($part->id(), $out, $within, $to), $by, 'taken out of ' . mb_substr($arrangement->name(), 0, 90));
        }

        return $out;
    }
}
