<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A piece stood at a spot for a season; counted when the swap is closed. */
#[ORM\Entity]
class Wear
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Spot $spot,
        #[ORM\Column]
        private int $units,
    ) {}

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function piece(): Piece
    {
        return $this->piece;
    }

    public function spot(): Spot
    {
        return $this->spot;
    }

    public function units(): int
    {
        return $this->units;
    }
}
