<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot as SpotMeasures;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use Doctrine\ORM\Mapping as ORM;

/** One place in a room that gets dressed, with its measurements in tenths of a millimetre. */
#[ORM\Entity]
class Spot implements Removable
{
    use Identified;
    use SoftlyRemoved;
    use Versioned;

    #[ORM\Column(length: 80)]
    private string $name = '';
    #[ORM\Column(length: 20)]
    private SpotKind $kind = SpotKind::Shelf;
    #[ORM\Column]
    private int $width = 0;
    #[ORM\Column]
    private int $depth = 0;
    #[ORM\Column]
    private int $ledgeHeight = 0;
    #[ORM\Column(nullable: true)]
    private ?int $clearHeight = null;
    #[ORM\Column(length: 12)]
    private SeenFrom $seenFrom = SeenFrom::Front;
    /** @var list<array{from: int, to: int, reason: string}> */
    #[ORM\Column]
    private array $keepClear = [];
    #[ORM\Column(length: 7)]
    private string $wall = '#F6F4EE';
    /** @var list<string> */
    #[ORM\Column]
    private array $hazards = [];

    /** @var list<string> measures that are usual of its kind and not taken yet */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $assumed = [];

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Room $room,
        #[ORM\Column]
        private int $focalRank,
    ) {
        $this->identify();
    }

    public function describe(Room $room, SpotMeasures $measures, int $focalRank): void
    {
        $this->room = $room;
        $this->focalRank = $focalRank;
        $this->name = $measures->name;
        $this->kind = $measures->kind;
        $this->width = $measures->width->tenths();
        $this->depth = $measures->depth->tenths();
        $this->ledgeHeight = $measures->ledgeHeight->tenths();
        $this->clearHeight = $measures->clearHeight?->tenths();
        $this->seenFrom = $measures->seenFrom;
        $this->keepClear = array_map(static fn(KeepClear $zone): array => ['from' => $zone->from->tenths(), 'to' => $zone->to->tenths(), 'reason' => $zone->reason], $measures->keepClear);
        $this->wall = $measures->wall->hex();
        $this->hazards = array_map(static fn(SpotHazard $hazard): string => $hazard->value, $measures->hazards);
        $this->assumed = $measures->assumed;
    }

    public function measures(): SpotMeasures
    {
        return new SpotMeasures(
            $this->id,
            $this->name,
            $this->kind,
            Length::ofTenths($this->width),
            Length::ofTenths($this->depth),
            Length::ofTenths($this->ledgeHeight),
            null === $this->clearHeight ? null : Length::ofTenths($this->clearHeight),
            $this->seenFrom,
            array_map(static fn(array $zone): KeepClear => new KeepClear(Length::ofTenths($zone['from']), Length::ofTenths($zone['to']), $zone['reason']), $this->keepClear),
            Srgb::ofHex($this->wall),
            array_map(SpotHazard::from(...), $this->hazards),
            $this->assumed,
        );
    }

    public function home(): Home
    {
        return $this->room->home();
    }

    public function room(): Room
    {
        return $this->room;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function focalRank(): int
    {
        return $this->focalRank;
    }
}
