<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
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
    #[ORM\Column(options: ['default' => 0])]
    private int $tier = 0;
    #[ORM\Column(length: 8, nullable: true)]
    private ?Posture $posture = null;
    #[ORM\Column(options: ['default' => 0])]
    private int $dips = 0;
    #[ORM\Column(length: 80, nullable: true)]
    private ?string $face = null;

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

    public function stand(int $count, Stance $stance): void
    {
        [$this->count, $this->left, $this->layer, $this->raise] = [$count, $stance->left, $stance->layer, $stance->raise];
        [$this->tier, $this->posture, $this->dips, $this->face] = [$stance->tier, $stance->posture, $stance->dips, $stance->face];
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
