<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A day of a swap beside its swap day: the tree on the day after the feast, a second look some days later. Its spots are done then and not on the swap day. */
#[ORM\Entity]
class WorkDay implements OfSwap
{
    use Identified;
    use Versioned;

    #[ORM\Embedded(columnPrefix: false)]
    private Working $working;
    /** @var list<string> ids */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $spots = [];
    /** Whether what stands is looked at again on it. */
    #[ORM\Column(options: ['default' => false])]
    private bool $isLook = false;
    /** Whether the furniture is moved on it and not on the swap day. */
    #[ORM\Column(options: ['default' => false])]
    private bool $movesFurniture = false;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(name: 'on_day', type: 'date_immutable')]
        private \DateTimeImmutable $date,
    ) {
        $this->identify();
        $this->working = new Working();
    }

    /** @param list<string> $spots ids of those that are done on it */
    public function describe(string $name, \DateTimeImmutable $date, array $spots, bool $isLook, bool $movesFurniture): void
    {
        [$this->name, $this->date, $this->spots] = [$name, $date, $spots];
        [$this->isLook, $this->movesFurniture] = [$isLook, $movesFurniture];
    }

    public function isLook(): bool
    {
        return $this->isLook;
    }

    public function movesFurniture(): bool
    {
        return $this->movesFurniture;
    }

    public function takeSpots(string ...$spots): void
    {
        $this->spots = array_values(array_unique([...$this->spots, ...$spots]));
    }

    /** Its spots are done on another day from now on. */
    public function leaveSpots(string ...$spots): void
    {
        $this->spots = array_values(array_diff($this->spots, $spots));
    }

    public function name(): string
    {
        return $this->name;
    }

    public function date(): \DateTimeImmutable
    {
        return $this->date;
    }

    /** @return list<string> */
    public function spots(): array
    {
        return $this->spots;
    }

    public function working(): Working
    {
        return $this->working;
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function home(): Home
    {
        return $this->swap->home();
    }
}
