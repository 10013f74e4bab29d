<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\Mapping as ORM;

/** So many units of a piece at one place, now. The sum over places is the piece's count. */
#[ORM\Entity]
#[ORM\Index(columns: ['place'])]
#[ORM\Index(name: 'standing_by_piece', columns: ['piece_id', 'place', 'count'])]
class Standing
{
    #[ORM\Id]
    #[ORM\Column(length: 40)]
    private string $place;

    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        Place $place,
        #[ORM\Column]
        private int $count,
    ) {
        $this->place = $place->key();
    }

    public function piece(): Piece
    {
        return $this->piece;
    }

    public function place(): Place
    {
        return Place::ofKey($this->place);
    }

    public function count(): int
    {
        return $this->count;
    }

    public function add(int $units): void
    {
        $this->count += $units;
    }
}
