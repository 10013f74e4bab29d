<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A room, and its place on the walk through the house. */
#[ORM\Entity]
class Room implements Removable
{
    use Identified;
    use SoftlyRemoved;
    use Versioned;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column]
        private int $round,
    ) {
        $this->identify();
    }

    public function describe(string $name, int $round): void
    {
        [$this->name, $this->round] = [$name, $round];
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function round(): int
    {
        return $this->round;
    }
}
