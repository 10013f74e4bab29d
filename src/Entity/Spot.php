<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Taste;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot as SpotMeasures;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;
use Doctrine\ORM\Mapping as ORM;

/** One place in a room that gets dressed, with its measurements in tenths of a millimetre. */
#[ORM\Entity]
class Spot implements Removable
{
    use Identified;
    use SoftlyRemoved;
    use Versioned;
    public const LONGEST_NOTE = 300;

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

    /** Of a seat, a bed or the top of a table; null where it was not said. */
    #[ORM\Column(length: 7, nullable: true)]
    private ?string $cover = null;
    /** @var list<string> measures that are usual of its kind and not taken yet */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $assumed = [];

    /** @var list<int> clear heights over the boards, the lowest first */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $tiers = [];
    #[ORM\Column(length: 12, options: ['default' => 'rectangular'])]
    private TableShape $tableShape = TableShape::Rectangular;
    #[ORM\Column(options: ['default' => 0])]
    private int $seats = 0;
    #[ORM\Column(nullable: true)]
    private ?int $rise = null;
    #[ORM\Column(options: ['default' => 0])]
    private int $posts = 0;
    #[ORM\Column(nullable: true)]
    private ?int $belowWidth = null;
    #[ORM\Column(nullable: true)]
    private ?int $belowTop = null;
    #[ORM\Column(length: self::LONGEST_NOTE, options: ['default' => ''])]
    private string $note = '';
    #[ORM\Column(length: 12, nullable: true)]
    private ?BalanceSchool $school = null;
    #[ORM\Column(nullable: true)]
    private ?int $mood = null;
    /** @var list<string> codes of the findings that are left as they are */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $overruled = [];
    /** @var list<string> names of ribbons meant for this spot */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $ribbons = [];

    public function __construct(
        #[ORM\ManyToOne(fetch: 'EAGER')] // whose home it is, is asked of every spot that is found
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
        $this->keepClear = array_map(
            static fn(KeepClear $zone): array => ['from' => $zone->from->tenths(), 'to' => $zone->to->tenths(), 'reason' => $zone->reason],
            $measures->keepClear,
        );
        $this->wall = $measures->wall->hex();
        $this->cover = $measures->cover?->hex();
        $this->hazards = array_map(static fn(SpotHazard $hazard): string => $hazard->value, $measures->hazards);
        $this->assumed = $measures->assumed;
        $layout = $measures->layout;
        $this->tiers = array_map(static fn(Length $clear): int => $clear->tenths(), $layout->tiers);
        [$this->tableShape, $this->seats, $this->posts] = [$layout->shape, $layout->seats, $layout->posts];
        [$this->rise, $this->belowWidth, $this->belowTop] = [$layout->rise?->tenths(), $layout->belowWidth?->tenths(), $layout->belowTop?->tenths()];
    }

    public function measures(): SpotMeasures
    {
        return StoredSpot::read([
            'id' => $this->id,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'width' => $this->width,
            'depth' => $this->depth,
            'ledge_height' => $this->ledgeHeight,
            'clear_height' => $this->clearHeight,
            'seen_from' => $this->seenFrom->value,
            'keep_clear' => $this->keepClear,
            'wall' => $this->wall,
            'cover' => $this->cover,
            'hazards' => $this->hazards,
            'assumed' => $this->assumed,
            'tiers' => $this->tiers,
            'table_shape' => $this->tableShape->value,
            'seats' => $this->seats,
            'rise' => $this->rise,
            'posts' => $this->posts,
            'below_width' => $this->belowWidth,
            'below_top' => $this->belowTop,
        ]);
    }

    /** What is to be known of it beside its measures: "gas fire below", "the cat sleeps here". */
    public function note(): string
    {
        return $this->note;
    }

    public function noteThat(string $note): void
    {
        $this->note = mb_substr(trim($note), 0, self::LONGEST_NOTE);
    }

    public function judgeBy(Taste $taste): void
    {
        [$this->school, $this->mood, $this->ribbons] = [$taste->school, $taste->mood, $taste->ribbons];
        $this->overruled = array_map(static fn(Check $check): string => $check->value, $taste->overruled);
    }

    public function taste(): Taste
    {
        return new Taste(
            $this->school,
            $this->mood,
            array_values(array_filter(array_map(Check::tryFrom(...), $this->overruled), static fn(?Check $check): bool => null !== $check)),
            $this->ribbons,
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
