<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Plan\Choice;
use Doctrine\ORM\Mapping as ORM;

/** What was decided for a piece in a swap; no choice when a decision was taken back. */
#[ORM\Entity]
class Decision
{
    use Versioned;

    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        #[ORM\Column(length: 10, nullable: true)]
        private ?Choice $choice,
        #[ORM\Column(length: 80)]
        private string $by,
    ) {}

    public function choose(?Choice $choice, string $by): void
    {
        [$this->choice, $this->by] = [$choice, $by];
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function piece(): Piece
    {
        return $this->piece;
    }

    public function choice(): ?Choice
    {
        return $this->choice;
    }

    public function by(): string
    {
        return $this->by;
    }
}
