<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Movement;
use App\Entity\Piece;
use App\Http\InvalidInput;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Puts the units of a piece right when its count was wrong: more come in at a place, fewer leave from the store first. */
final readonly class CorrectCount
{
    private const LEAVE_FROM = [
        PlaceKind::Parted, PlaceKind::Arrived, PlaceKind::Loose, PlaceKind::Tote, PlaceKind::Table, PlaceKind::Lost, PlaceKind::Lent,
        PlaceKind::Spot,
    ];

    public function __construct(
        private StockBook $book,
        private StandingRepository $standing,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {}

    public function __invoke(Piece $piece, int $count, Place $place, string $by): void
    {
        $change = $count - $piece->count();
        if ($change > 0) {
            $this->book->bringIn($piece, $change, $place, $by, 'count put right');
        }
        if ($change < 0) {
            $this->refuseBelowPlanned($piece, $count);
            $this->refuseBelowArranged($piece, $count);
            $this->takeAway($piece, -$change, $by);
        }
    }

    private function refuseBelowPlanned(Piece $piece, int $count): void
    {
        $bySwap = $this->entities->createQuery(
            'SELECT SUM(p.count) FROM App\Entity\Placement p JOIN p.swap s WHERE p.piece = :piece AND s.closedAt IS NULL GROUP BY s.id',
        )
            ->setParameter('piece', $piece)->getSingleColumnResult();
        $planned = max([0, ...array_map(intval(...), $bySwap)]);
        if ($planned > $count) {
            throw InvalidInput::at(
                'count',
                sprintf('%d of %s are placed in the running swap, so there cannot be only %d. Take some off the plan first.', $planned, $piece->name(), $count),
            );
        }
    }

    private function refuseBelowArranged(Piece $piece, int $count): void
    {
        $within = 0;
        foreach ($this->standing->ofPiece($piece)->of($piece->id()) as $key => $units) {
            $within += PlaceKind::Within === Place::ofKey($key)->kind ? $units : 0;
        }
        if ($within > $count) {
            throw InvalidInput::at(
                'count',
                sprintf('%d of %s are part of arrangements, so there cannot be only %d. Take one apart first.', $within, $piece->name(), $count),
            );
        }
    }

    private function takeAway(Piece $piece, int $units, string $by): void
    {
        foreach (self::LEAVE_FROM as $kind) {
            foreach ($this->standing->ofPiece($piece)->of($piece->id()) as $key => $there) {
                $place = Place::ofKey($key);
                $leaving = min($units, $there);
                if ($place->kind === $kind && $leaving > 0) {
                    $this->standing->at($piece, $place)?->add(-$leaving);
                    $units -= $leaving;
                    $this->entities->persist(new Movement(
                        $piece,
                        new Move($piece->id(), $leaving, $place, Place::of(PlaceKind::Parted)),
                        $this->clock->now(),
                        $by,
                        'count put right',
                    ));
                }
            }
        }
    }
}
