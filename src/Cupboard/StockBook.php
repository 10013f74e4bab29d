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
