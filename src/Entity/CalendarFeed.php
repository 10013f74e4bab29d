<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The private address under which the calendar of a home is read by other programs; whoever has it may read. Renewed, the old one is dead. */
#[ORM\Entity]
class CalendarFeed
{
    #[ORM\Column(name: 'feed_key', length: 40, unique: true)]
    private string $key;

    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
    ) {
        $this->renew();
    }

    public function renew(): void
    {
        $this->key = bin2hex(random_bytes(20));
    }

    public function key(): string
    {
        return $this->key;
    }

    public function home(): Home
    {
        return $this->home;
    }
}
