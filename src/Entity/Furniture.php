<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\Furniture as CoreFurniture;
use BrightCupboard\Core\Floor\FurnitureKind;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\Mapping as ORM;

/** A piece of furniture or a rug, and where it stands in its room now. */
#[ORM\Entity]
class Furniture implements OfHome
{
    use Identified;
    use Versioned;

    #[ORM\Column(length: 80)]
    private string $name = '';
    #[ORM\Column(length: 12)]
    private FurnitureKind $kind = FurnitureKind::Other;
    #[ORM\Column]
    private int $width = 0;
    #[ORM\Column]
    private int $depth = 0;
    #[ORM\Column]
    private int $leftEdge = 0;
    #[ORM\Column]
    private int $farEdge = 0;
    #[ORM\Column]
    private int $turns = 0;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Room $room,
    ) {
        $this->identify();
    }

    public function describe(CoreFurniture $furniture): void
    {
        [$this->name, $this->kind, $this->width, $this->depth] = [$furniture->name, $furniture->kind, $furniture->width->tenths(), $furniture->depth->tenths()];
    }

    public function stand(FloorPlace $place): void
    {
        [$this->leftEdge, $this->farEdge, $this->turns] = [$place->left->tenths(), $place->top->tenths(), $place->turns];
    }

    public function furniture(): CoreFurniture
    {
        return new CoreFurniture($this->id, $this->name, $this->kind, Length::ofTenths($this->width), Length::ofTenths($this->depth));
    }

    public function place(): FloorPlace
    {
        return new FloorPlace(Length::ofTenths($this->leftEdge), Length::ofTenths($this->farEdge), $this->turns);
    }

    public function room(): Room
    {
        return $this->room;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function home(): Home
    {
        return $this->room->home();
    }
}
