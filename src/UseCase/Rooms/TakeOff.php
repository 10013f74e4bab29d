<?php

declare(strict_types=1);

namespace App\UseCase\Rooms;

use App\Entity\Placement;
use App\Entity\Swap;
use App\UseCase\Plan\OpenSwap;
use App\View\Rooms\DressingView;
use Doctrine\ORM\EntityManagerInterface;

/** Takes a piece off the plan of a spot. */
final readonly class TakeOff
{
    public function __construct(private EntityManagerInterface $entities, private ReadDressing $read) {}

    public function __invoke(Swap $swap, Placement $placement): DressingView
    {
        OpenSwap::require($swap);
        $spot = $placement->spot();
        $this->entities->remove($placement);
        $this->entities->flush();

        return ($this->read)($swap, $spot);
    }
}
