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
    public function describe(string $name, \DateTimeImmutable $date, array $spots, bool $isLook): void
    {
        [$this->name, $this->date, $this->spots, $this->isLook] = [$name, $date, $spots, $isLook];
    }

    public function isLook(): bool
    {
        return $this->isLook;
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
