<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Movement;
use App\Entity\Piece;
use App\Entity\Standing;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** The only way units change place: the standing and the movement are written together. */
final readonly class StockBook
{
    public function __construct(private EntityManagerInterface $entities, private StandingRepository $standing, private ClockInterface $clock) {}

    /** False, and nothing written, when too few units are at the place they should leave. */
    public function move(Piece $piece, Move $move, string $by, string $cause): bool
    {
        $source = $this->standing->at($piece, $move->from);
        if (null === $source || $source->count() < $move->count) {
            return false;
        }
        $source->add(-$move->count);
        $this->arrive($piece, $move, $by, $cause);

        return true;
    }

    /**
     * Many moves at once, as a task of the day has them: read and written in a handful of statements, whatever their number.
     *
     * @param list<Move> $moves in the order they are made
     *
     * @return Move|null the first that cannot be made, and then nothing is written
     */
    public function carry(array $moves, string $by, string $cause): ?Move
    {
        $there = $this->standing->unitsOf(array_values(array_unique(array_map(static fn(Move $move): string => $move->pieceId, $moves))));
        $now = $there;
        foreach ($moves as $move) {
            $left = ($now[$move->pieceId][$move->from->key()] ?? 0) - $move->count;
            if ($left < 0) {
                return $move;
            }
            $now[$move->pieceId][$move->from->key()] = $left;
            $now[$move->pieceId][$move->to->key()] = ($now[$move->pieceId][$move->to->key()] ?? 0) + $move->count;
        }
        $this->standing->write($there, $now);
        $this->standing->tell($moves, $this->clock->now(), $by, mb_substr($cause, 0, 120));

        return null;
    }

    /** Units that were not there before: a new piece, or a count that was put right. */
    public function bringIn(Piece $piece, int $units, Place $to, string $by, string $cause): void
    {
        $this->arrive($piece, new Move($piece->id(), $units, Place::of(PlaceKind::Arrived), $to), $by, $cause);
    }

    private function arrive(Piece $piece, Move $move, string $by, string $cause): void
    {
        $target = $this->standing->at($piece, $move->to);
        if (null === $target) {
            $target = new Standing($piece, $move->to, 0);
            $this->entities->persist($target);
        }
        $target->add($move->count);
        $this->entities->persist(new Movement($piece, $move, $this->clock->now(), $by, $cause));
        if (PlaceKind::Tote === $move->to->kind) {
            $piece->keepIn($move->to->id);
        }
    }
}
