<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Calendar\CareJob;
use Doctrine\ORM\Mapping as ORM;

/** When a piece was cared for last, and by whom. */
#[ORM\Entity]
class CareDone
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        #[ORM\Column(length: 40)]
        private CareJob $job,
        #[ORM\Column(type: 'date_immutable')]
        private \DateTimeImmutable $onDay,
        #[ORM\Column(length: 80)]
        private string $by,
    ) {
        $this->identify();
    }

    public function again(\DateTimeImmutable $onDay, string $by): void
    {
        [$this->onDay, $this->by] = [$onDay, $by];
    }

    public function piece(): Piece
    {
        return $this->piece;
    }

    public function job(): CareJob
    {
        return $this->job;
    }

    public function onDay(): \DateTimeImmutable
    {
        return $this->onDay;
    }

    public function by(): string
    {
        return $this->by;
    }
}
