<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Storage\StoredTote;
use Doctrine\ORM\Mapping as ORM;

/** A storage box, basket or bag with a code and a place. */
#[ORM\Entity]
class Tote implements Removable
{
    use Identified;
    use SoftlyRemoved;
    use Versioned;

    #[ORM\Column]
    private int $width = 0;
    #[ORM\Column]
    private int $depth = 0;
    #[ORM\Column]
    private int $height = 0;
    /** @var list<string> */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $conditions = [];
    /** Grams it may weigh when full; null when nobody said. */
    #[ORM\Column(nullable: true)]
    private ?int $mostGrams = null;
    /** False while its inside is that of a usual tote. */
    #[ORM\Column(options: ['default' => true])]
    private bool $isMeasured = true;

    /** @param list<Condition> $conditions */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        #[ORM\Column(length: 20)]
        private string $code,
        #[ORM\Column(length: 80)]
        private string $place,
        Size $inside,
        array $conditions = [],
        ?Weight $mostWeight = null,
        bool $isMeasured = true,
    ) {
        $this->identify();
        $this->describe($code, $place, $inside, $conditions, $mostWeight, $isMeasured);
    }

    /** @param list<Condition> $conditions of the place it stands in */
    public function describe(string $code, string $place, Size $inside, array $conditions, ?Weight $mostWeight, bool $isMeasured = true): void
    {
        $this->isMeasured = $isMeasured;
        [$this->code, $this->place, $this->mostGrams] = [$code, $place, $mostWeight?->grams()];
        $this->conditions = array_map(static fn(Condition $condition): string => $condition->value, $conditions);
        [$this->width, $this->depth, $this->height] = [$inside->width->tenths(), $inside->depth->tenths(), $inside->height->tenths()];
    }

    public function stored(): StoredTote
    {
        return KeptTote::read([
            'id' => $this->id,
            'code' => $this->code,
            'place' => $this->place,
            'width' => $this->width,
            'depth' => $this->depth,
            'height' => $this->height,
            'conditions' => $this->conditions,
            'most_grams' => $this->mostGrams,
        ]);
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function isMeasured(): bool
    {
        return $this->isMeasured;
    }

    public function code(): string
    {
        return $this->code;
    }

    public function place(): string
    {
        return $this->place;
    }
}
