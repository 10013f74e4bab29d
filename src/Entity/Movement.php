<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Stock\Move;
use Doctrine\ORM\Mapping as ORM;

/** What went from where to where, when, by whom and why. Only ever added. */
#[ORM\Entity]
#[ORM\Index(columns: ['piece_id', 'at'])]
class Movement
{
    use Identified;

    #[ORM\Column]
    private int $count;
    #[ORM\Column(name: 'from_place', length: 40)]
    private string $from;
    #[ORM\Column(name: 'to_place', length: 40)]
    private string $to;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        Move $move,
        #[ORM\Column]
        private \DateTimeImmutable $at,
        #[ORM\Column(length: 80)]
        private string $by,
        #[ORM\Column(length: 120)]
        private string $cause,
    ) {
        $this->identify();
        [$this->count, $this->from, $this->to] = [$move->count, $move->from->key(), $move->to->key()];
    }

    public function piece(): Piece
    {
        return $this->piece;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function from(): string
    {
        return $this->from;
    }

    public function to(): string
    {
        return $this->to;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function by(): string
    {
        return $this->by;
    }

    public function cause(): string
    {
        return $this->cause;
    }
}
