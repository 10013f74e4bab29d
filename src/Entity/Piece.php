<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\Season;
use Doctrine\ORM\Mapping as ORM;

/**
 * One kind of owned decor thing: what the core knows of it, and the record that goes with it.
 *
 * @phpstan-import-type FaceRow from StoredMakeup
 * @phpstan-import-type PartRow from StoredMakeup
 */
#[ORM\Entity]
#[ORM\Index(name: 'piece_by_name', columns: ['home_id', 'name', 'id'])]
class Piece implements Removable
{
    use Identified;
    use SoftlyRemoved;
    use Versioned;

    #[ORM\Column(length: 120)]
    private string $name = '';
    #[ORM\Column(length: 20)]
    private string $kind = '';
    #[ORM\Column]
    private int $count = 1;
    #[ORM\Column]
    private int $width = 0;
    #[ORM\Column]
    private int $depth = 0;
    #[ORM\Column]
    private int $height = 0;
    #[ORM\Column]
    private int $weight = 0;
    /** @var list<array{hex: string, percent: int}> */
    #[ORM\Column]
    private array $colours = [];
    /** @var list<string> */
    #[ORM\Column]
    private array $materials = [];
    #[ORM\Column(length: 12)]
    private string $finish = '';
    /** @var list<string> */
    #[ORM\Column]
    private array $seasons = [];
    /** @var list<string> */
    #[ORM\Column]
    private array $hazards = [];
    #[ORM\Column(length: 20)]
    private string $shape = '';
    #[ORM\Column(length: 20)]
    private string $pattern = '';
    #[ORM\Column(length: 20)]
    private string $origin = '';
    #[ORM\Column]
    private int $costEach = 0;
    #[ORM\Column]
    private int $replacementEach = 0;
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $cameOn = null;
    #[ORM\Column(length: 500)]
    private string $care = '';
    /** @var list<FaceRow> */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $faces = [];
    /** @var list<PartRow> */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $parts = [];
    #[ORM\Column(length: 80, options: ['default' => ''])]
    private string $setName = '';
    #[ORM\Column(options: ['default' => 0])]
    private int $setOf = 0;
    /** How long one runs when unrolled, in tenths of a millimetre; null when it is as long as it is wide. */
    #[ORM\Column(nullable: true)]
    private ?int $laidOut = null;
    /** When its photo was taken in; null while it has none. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $photoAt = null;
    /** @var list<string> what stands there until somebody looks; see Assumed */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $assumed = [];
    /** The tote it goes back to. */
    #[ORM\Column(length: 26, nullable: true)]
    private ?string $ownTote = null;
    /** The swap it was got for, if any. */
    #[ORM\Column(length: 26, nullable: true)]
    private ?string $gotFor = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
    ) {
        $this->identify();
    }

    public function describe(CorePiece $piece, PieceRecord $record): void
    {
        [$this->name, $this->kind, $this->count, $this->finish] = [$piece->name, $piece->kind->value, $piece->count, $piece->finish->value];
        [$this->width, $this->depth, $this->height] = [$piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths()];
        $this->weight = $piece->weight->grams();
        $this->colours = array_map(static fn(ColourShare $share): array => ['hex' => $share->colour->hex(), 'percent' => $share->percent], $piece->colours);
        $this->materials = array_map(static fn(Material $material): string => $material->value, $piece->materials);
        $this->seasons = array_map(static fn(Season $season): string => $season->value, $piece->seasons);
        $this->hazards = array_map(static fn(Hazard $hazard): string => $hazard->value, $piece->hazards);
        [$this->shape, $this->pattern, $this->origin, $this->care] = [$record->shape, $record->pattern, $record->origin, $record->care];
        [$this->costEach, $this->replacementEach, $this->cameOn] = [$record->costEach->minor, $record->replacementEach->minor, $record->cameOn];
        [$this->faces, $this->parts] = [StoredMakeup::faces($record->makeup), StoredMakeup::parts($record->makeup)];
        $this->laidOut = $record->makeup->laidOut?->tenths();
        $this->assumed = array_map(static fn(Assumed $assumed): string => $assumed->value, $record->assumed);
        [$this->setName, $this->setOf] = [$record->makeup->set->name ?? '', $record->makeup->set->of ?? 0];
    }

    /** Shows another side, or has been restyled. */
    public function turned(CorePiece $piece, Makeup $makeup): void
    {
        $record = $this->record();
        $this->describe(
            $piece,
            new PieceRecord(
                $record->shape,
                $record->pattern,
                $record->origin,
                $record->costEach,
                $record->replacementEach,
                $record->cameOn,
                $record->care,
                $makeup,
                $record->photoAt,
                $record->assumed,
            ),
        );
    }

    public function photographed(?\DateTimeImmutable $at): void
    {
        $this->photoAt = $at;
    }

    public function photoAt(): ?\DateTimeImmutable
    {
        return $this->photoAt;
    }

    public function keepIn(?string $toteId): void
    {
        $this->ownTote = $toteId;
    }

    public function gotFor(string $swapId): void
    {
        $this->gotFor = $swapId;
    }

    public function record(): PieceRecord
    {
        return new PieceRecord(
            $this->shape,
            $this->pattern,
            $this->origin,
            Money::ofMinor($this->costEach),
            Money::ofMinor($this->replacementEach),
            $this->cameOn,
            $this->care,
            StoredMakeup::read($this->faces, $this->parts, $this->setName, $this->setOf, $this->laidOut),
            $this->photoAt,
            array_map(Assumed::from(...), $this->assumed),
        );
    }

    /** Whether it is for that season, or for all of them. */
    public function isFor(Season $season): bool
    {
        return [] === $this->seasons || \in_array($season->value, $this->seasons, true);
    }

    public function home(): Home
    {
        return $this->home;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function count(): int
    {
        return $this->count;
    }
}
