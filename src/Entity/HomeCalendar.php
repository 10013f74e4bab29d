<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Calendar\Feasts;
use BrightCupboard\Core\Calendar\Hemisphere;
use Doctrine\ORM\Mapping as ORM;

/** The feasts and traditions of a home as its stylist wrote them, and the half of the earth it is on. */
#[ORM\Entity]
class HomeCalendar implements OfHome
{
    use Identified;
    use Versioned;

    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(length: 6000)]
        private string $feasts = Feasts::USUAL,
        #[ORM\Column(length: 5)]
        private Hemisphere $hemisphere = Hemisphere::North,
    ) {
        $this->identify();
    }

    public function describe(string $feasts, Hemisphere $hemisphere): void
    {
        [$this->feasts, $this->hemisphere] = [$feasts, $hemisphere];
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function lines(): string
    {
        return $this->feasts;
    }

    public function feasts(): Feasts
    {
        return Feasts::read($this->feasts);
    }

    public function hemisphere(): Hemisphere
    {
        return $this->hemisphere;
    }
}
