<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** How a spot looked before it was dressed or while it stood, encoded anew; kept in the database, so that a backup holds it too. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'one_photo_a_spot_and_moment', columns: ['swap_id', 'spot_id', 'moment'])]
class SpotPhoto implements OfSwap
{
    use Identified;

    #[ORM\Column(type: Types::TEXT)]
    private string $jpeg = '';
    #[ORM\Column]
    private \DateTimeImmutable $at;
    #[ORM\Column(name: 'taken_by', length: 80)]
    private string $by = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Spot $spot,
        #[ORM\Column(length: 6)]
        private PhotoMoment $moment,
    ) {
        $this->identify();
        $this->at = new \DateTimeImmutable('@0');
    }

    public function keep(string $jpeg, \DateTimeImmutable $at, string $by): void
    {
        [$this->jpeg, $this->at, $this->by] = [base64_encode($jpeg), $at, $by];
    }

    public function jpeg(): string
    {
        return (string) base64_decode($this->jpeg, true);
    }

    public function home(): Home
    {
        return $this->swap->home();
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function spot(): Spot
    {
        return $this->spot;
    }

    public function moment(): PhotoMoment
    {
        return $this->moment;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function by(): string
    {
        return $this->by;
    }
}
