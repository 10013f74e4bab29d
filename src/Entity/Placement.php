<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Surface\Layer;
use Doctrine\ORM\Mapping as ORM;

/** So many units of a piece planned for a spot in a swap; left edge and raise in tenths of a millimetre. */
#[ORM\Entity]
class Placement implements OfSwap
{
    use Identified;
    use Versioned;

    #[ORM\Column(name: 'left_edge')]
    private int $left = 0;
    #[ORM\Column(length: 6)]
    private Layer $layer = Layer::Middle;
    #[ORM\Column]
    private int $raise = 0;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Spot $spot,
        #[ORM\Column]
        private int $count,
    ) {
        $this->identify();
    }

    public function stand(int $count, int $left, Layer $layer, int $raise): void
    {
        [$this->count, $this->left, $this->layer, $this->raise] = [$count, $left, $layer, $raise];
    }

    public function home(): Home
    {
        return $this->swap->home();
    }

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

    public function count(): int
    {
        return $this->count;
    }

    public function left(): int
    {
        return $this->left;
    }

    public function layer(): Layer
    {
        return $this->layer;
    }

    public function raise(): int
    {
        return $this->raise;
    }
}
