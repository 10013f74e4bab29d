<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Stock\Damage;
use Doctrine\ORM\Mapping as ORM;

/** Something that was wrong with units of a piece when they were handled; kept until it is put right or replaced. */
#[ORM\Entity]
class FoundDamage implements OfHome
{
    use Identified;

    /** The line of a haul that is to put it right. */
    #[ORM\ManyToOne]
    private ?HaulLine $line = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\Column(length: 14)]
        private Damage $damage,
        #[ORM\Column]
        private int $count,
        #[ORM\Column(type: 'date_immutable')]
        private \DateTimeImmutable $onDay,
        #[ORM\Column(name: 'found_by', length: 80)]
        private string $by,
    ) {
        $this->identify();
    }

    public function home(): Home
    {
        return $this->piece->home();
    }

    public function answerBy(HaulLine $line): void
    {
        $this->line = $line;
    }

    public function line(): ?HaulLine
    {
        return $this->line;
    }

    public function piece(): Piece
    {
        return $this->piece;
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function damage(): Damage
    {
        return $this->damage;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function onDay(): \DateTimeImmutable
    {
        return $this->onDay;
    }

    public function by(): string
    {
        return $this->by;
    }
}
