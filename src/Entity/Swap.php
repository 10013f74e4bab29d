<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Calendar\SwapDates;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Season;
use Doctrine\ORM\Mapping as ORM;

/** The change from one season's dressing to the next, over the whole home. */
#[ORM\Entity]
class Swap implements OfHome
{
    use Identified;
    use Versioned;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $closedAt = null;
    /** Whether the swap it begins from is still open: kept here so that nobody has to look for it. */
    #[ORM\Column(options: ['default' => false])]
    private bool $isFollowing;
    #[ORM\Embedded(columnPrefix: false)]
    private Working $working;
    /** The day by which it has to stand; null when nobody waits for it. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $dressBy = null;
    /** The day its things come down again; null when nobody has said. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $strikeOn = null;
    #[ORM\Column]
    private int $budget = 0;
    #[ORM\Column(options: ['default' => true])]
    private bool $hasBudget = true;
    #[ORM\Column]
    private int $giftCard = 0;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 10)]
        private Season $season,
        #[ORM\Column(type: 'date_immutable')]
        private \DateTimeImmutable $swapDay,
        #[ORM\ManyToOne(fetch: 'EAGER')] // no swap is looked at without its look
        #[ORM\JoinColumn(nullable: false)]
        private Look $look,
        #[ORM\ManyToOne]
        private ?Swap $from = null,
    ) {
        $this->identify();
        $this->working = new Working();
        $this->isFollowing = null !== $from && null === $from->closedAt();
    }

    public function describe(string $name, Season $season, SwapDates $dates, ?Money $budget, Money $giftCard): void
    {
        [$this->name, $this->season] = [$name, $season];
        [$this->swapDay, $this->dressBy, $this->strikeOn] = [$dates->swapDay, $dates->dressBy, $dates->strikeOn];
        [$this->hasBudget, $this->budget, $this->giftCard] = [null !== $budget, $budget->minor ?? 0, $giftCard->minor];
    }

    public function wear(Look $look): void
    {
        $this->look = $look;
    }

    public function close(\DateTimeImmutable $at): void
    {
        $this->closedAt = $at;
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function season(): Season
    {
        return $this->season;
    }

    public function swapDay(): \DateTimeImmutable
    {
        return $this->swapDay;
    }

    /** The swap it begins from when that is still open; null when it begins from where things are. */
    public function follows(): ?self
    {
        return $this->isFollowing ? $this->from : null;
    }

    /** The swap before it is closed: it begins from where things are now. */
    public function leads(): void
    {
        $this->isFollowing = false;
    }

    public function dressBy(): ?\DateTimeImmutable
    {
        return $this->dressBy;
    }

    public function strikeOn(): ?\DateTimeImmutable
    {
        return $this->strikeOn;
    }

    public function from(): ?Swap
    {
        return $this->from;
    }

    public function look(): Look
    {
        return $this->look;
    }

    /** How its swap day is worked; its other days say so themselves. */
    public function working(): Working
    {
        return $this->working;
    }

    /** Null when none is set. */
    public function budget(): ?Money
    {
        return $this->hasBudget ? Money::ofMinor($this->budget) : null;
    }

    public function giftCard(): Money
    {
        return Money::ofMinor($this->giftCard);
    }

    public function closedAt(): ?\DateTimeImmutable
    {
        return $this->closedAt;
    }
}
