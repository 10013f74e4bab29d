<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** What worked and what did not, kept for next year; about one spot or the whole swap. */
#[ORM\Entity]
class Note implements OfSwap, Removable
{
    use Identified;
    use SoftlyRemoved;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\ManyToOne]
        private ?Spot $spot,
        #[ORM\Column(length: 2000)]
        private string $text,
        #[ORM\Column]
        private \DateTimeImmutable $at,
        #[ORM\Column(length: 80)]
        private string $by,
    ) {
        $this->identify();
    }

    public function home(): Home
    {
        return $this->swap->home();
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function spot(): ?Spot
    {
        return $this->spot;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function by(): string
    {
        return $this->by;
    }
}
