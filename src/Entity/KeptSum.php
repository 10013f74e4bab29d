<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Sums;
use Doctrine\ORM\Mapping as ORM;

/** A sum of the Workbench kept by name: what was given, what it came to then, and what was really used. */
#[ORM\Entity]
class KeptSum implements Removable
{
    use Identified;
    use SoftlyRemoved;
    use Versioned;

    #[ORM\Column(length: 12)]
    private Sums $sum = Sums::Garland;
    #[ORM\Column(length: 80)]
    private string $name = '';
    /** @var list<array{name: string, text: string}> as people wrote it */
    #[ORM\Column]
    private array $given = [];
    /** @var list<string> the answer in words, as it was said then */
    #[ORM\Column]
    private array $said = [];
    /** Without what goes on top; tenths of a millimetre or a count. */
    #[ORM\Column(nullable: true)]
    private ?int $reckoned = null;
    #[ORM\Column]
    private bool $isLength = false;
    #[ORM\Column(nullable: true)]
    private ?int $used = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\ManyToOne]
        private ?Swap $swap,
        #[ORM\ManyToOne]
        private ?Spot $spot,
        #[ORM\Column]
        private \DateTimeImmutable $keptAt,
    ) {
        $this->identify();
    }

    /**
     * @param list<array{name: string, text: string}> $given
     * @param list<string>                            $said
     */
    public function describe(Sums $sum, string $name, array $given, array $said, Length|int|null $reckoned): void
    {
        [$this->sum, $this->name, $this->given, $this->said] = [$sum, $name, $given, $said];
        $this->isLength = $reckoned instanceof Length;
        $this->reckoned = $reckoned instanceof Length ? $reckoned->tenths() : $reckoned;
    }

    /** @param int|null $used in the unit of what was reckoned; null when it is not known any more */
    public function cameTo(?int $used): void
    {
        $this->used = $used;
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function swap(): ?Swap
    {
        return $this->swap;
    }

    public function spot(): ?Spot
    {
        return $this->spot;
    }

    public function sum(): Sums
    {
        return $this->sum;
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return list<array{name: string, text: string}> */
    public function given(): array
    {
        return $this->given;
    }

    /** @return list<string> */
    public function said(): array
    {
        return $this->said;
    }

    public function reckoned(): ?int
    {
        return $this->reckoned;
    }

    public function isLength(): bool
    {
        return $this->isLength;
    }

    public function used(): ?int
    {
        return $this->used;
    }

    /** How much more was used than reckoned, in whole percent; negative when it was less; null when nobody said. */
    public function morePercent(): ?int
    {
        return null === $this->used || null === $this->reckoned || 0 === $this->reckoned
            ? null
            : (int) round(100 * ($this->used - $this->reckoned) / $this->reckoned);
    }

    public function keptAt(): \DateTimeImmutable
    {
        return $this->keptAt;
    }
}
