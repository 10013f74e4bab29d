<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\Mapping as ORM;

/** Where furniture is to stand in a swap, and where it stood before it was moved there. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'one_plan_a_furniture', columns: ['swap_id', 'furniture_id'])]
class FurniturePlan implements OfSwap
{
    use Identified;

    #[ORM\Column]
    private int $leftEdge = 0;
    #[ORM\Column]
    private int $farEdge = 0;
    #[ORM\Column]
    private int $turns = 0;
    /** @var array{left: int, far: int, turns: int}|null while it is not moved there */
    #[ORM\Column(nullable: true)]
    private ?array $was = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Furniture $furniture,
    ) {
        $this->identify();
    }

    public function stand(FloorPlace $place): void
    {
        [$this->leftEdge, $this->farEdge, $this->turns] = [$place->left->tenths(), $place->top->tenths(), $place->turns];
    }

    public function place(): FloorPlace
    {
        return new FloorPlace(Length::ofTenths($this->leftEdge), Length::ofTenths($this->farEdge), $this->turns);
    }

    /** The furniture is moved to where it was planned. */
    public function done(): void
    {
        $before = $this->furniture->place();
        $this->was = ['left' => $before->left->tenths(), 'far' => $before->top->tenths(), 'turns' => $before->turns];
        $this->furniture->stand($this->place());
    }

    /** The furniture is moved back to where it stood. */
    public function undone(): void
    {
        if (null !== $this->was) {
            $this->furniture->stand(new FloorPlace(Length::ofTenths($this->was['left']), Length::ofTenths($this->was['far']), $this->was['turns']));
            $this->was = null;
        }
    }

    public function isDone(): bool
    {
        return null !== $this->was;
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function home(): Home
    {
        return $this->swap->home();
    }

    public function furniture(): Furniture
    {
        return $this->furniture;
    }
}
