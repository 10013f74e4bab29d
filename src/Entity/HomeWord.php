<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A word that means something in this home, such as boho: wicker, dried, cream. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'one_meaning', columns: ['home_id', 'word'])]
class HomeWord implements OfHome
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(length: 40)]
        private string $word,
        #[ORM\Column(length: 200)]
        private string $means,
    ) {
        $this->identify();
    }

    public function mean(string $means): void
    {
        $this->means = $means;
    }

    public function home(): Home
    {
        return $this->home;
    }
}
