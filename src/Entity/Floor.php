<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Floor\FloorRoom;
use BrightCupboard\Core\Floor\Opening;
use BrightCupboard\Core\Floor\OpeningKind;
use BrightCupboard\Core\Floor\Wall;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\Mapping as ORM;

/** The measures of a room's floor and what is in its walls. */
#[ORM\Entity]
class Floor implements OfHome
{
    use Identified;
    use Versioned;

    #[ORM\Column]
    private int $width = 0;
    #[ORM\Column]
    private int $depth = 0;
    /** @var list<array{kind: string, wall: string, from: int, width: int}> */
    #[ORM\Column]
    private array $openings = [];

    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Room $room,
    ) {
        $this->identify();
    }

    public function measure(FloorRoom $floor): void
    {
        [$this->width, $this->depth] = [$floor->width->tenths(), $floor->depth->tenths()];
        $this->openings = array_map(
            static fn(Opening $one): array => [
                'kind' => $one->kind->value,
                'wall' => $one->wall->value,
                'from' => $one->from->tenths(),
                'width' => $one->width->tenths(),
            ],
            $floor->openings,
        );
    }

    public function floor(): FloorRoom
    {
        $openings = array_map(
            static fn(array $one): Opening => new Opening(
                OpeningKind::from($one['kind']),
                Wall::from($one['wall']),
                Length::ofTenths($one['from']),
                Length::ofTenths($one['width']),
            ),
            $this->openings,
        );

        return new FloorRoom(Length::ofTenths($this->width), Length::ofTenths($this->depth), $openings);
    }

    public function room(): Room
    {
        return $this->room;
    }

    public function home(): Home
    {
        return $this->room->home();
    }
}
