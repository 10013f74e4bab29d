<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** Units lent out: to whom, and until when; open while some are not back. */
#[ORM\Entity]
class Loan
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        #[ORM\Column]
        private int $count,
        #[ORM\Column(name: 'lent_to', length: 80)]
        private string $to,
        #[ORM\Column(type: 'date_immutable', nullable: true)]
        private ?\DateTimeImmutable $until,
        #[ORM\Column(type: 'date_immutable')]
        private \DateTimeImmutable $since,
    ) {
        $this->identify();
    }

    /** Takes units back and says how many this loan could account for. */
    public function back(int $units): int
    {
        $back = min($units, $this->count);
        $this->count -= $back;

        return $back;
    }

    public function piece(): Piece
    {
        return $this->piece;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function to(): string
    {
        return $this->to;
    }

    public function until(): ?\DateTimeImmutable
    {
        return $this->until;
    }

    public function since(): \DateTimeImmutable
    {
        return $this->since;
    }
}
