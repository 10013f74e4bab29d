<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\OfferKind;
use BrightCupboard\Core\Money\PurseLine;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Stock\PieceKind;
use Doctrine\ORM\Mapping as ORM;

/** Something to buy, make or borrow for a swap, what it costs and how far it has got. */
#[ORM\Entity]
class HaulLine implements OfSwap
{
    use Identified;
    use Versioned;

    #[ORM\Column(length: 120)]
    private string $name = '';
    #[ORM\Column(length: 8)]
    private HaulWay $way = HaulWay::Buy;
    #[ORM\Column]
    private int $packPrice = 0;
    #[ORM\Column(length: 8)]
    private OfferKind $offerKind = OfferKind::None;
    #[ORM\Column]
    private int $offerValue = 0;
    #[ORM\Column]
    private int $offerPayFor = 0;
    #[ORM\Column]
    private int $packSize = 1;
    #[ORM\Column]
    private int $needed = 1;
    #[ORM\Column(length: 9)]
    private Tender $tender = Tender::Purse;
    #[ORM\Column(length: 8)]
    private LineState $state = LineState::Wanted;
    #[ORM\Column(length: 20)]
    private PieceKind $kind = PieceKind::Vase;
    #[ORM\Column]
    private int $width = 0;
    #[ORM\Column]
    private int $height = 0;
    #[ORM\Column(length: 7)]
    private string $colour = '#CCCCC4';
    /** The owned piece that is changed, where this is a restyle. */
    #[ORM\Column(length: 26, nullable: true)]
    private ?string $restyles = null;
    /** @var list<array{hex: string, percent: int}> what its colours will be */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $restyledColours = [];
    /** How long one runs when it is unrolled, in tenths of a millimetre, where a sum said so. */
    #[ORM\Column(nullable: true)]
    private ?int $run = null;
    /** How deep it is inside, in tenths of a millimetre, where it is a tote to pack into. */
    #[ORM\Column(nullable: true)]
    private ?int $toteDepth = null;
    /** The piece it became when it was got. */
    #[ORM\Column(length: 26, nullable: true)]
    private ?string $becamePiece = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\ManyToOne]
        private ?Need $need = null,
    ) {
        $this->identify();
    }

    public function describe(string $name, HaulWay $way, HaulThing $thing): void
    {
        [$this->name, $this->way] = [$name, $way];
        [$this->kind, $this->width, $this->height, $this->colour] = [$thing->kind, $thing->width->tenths(), $thing->height->tenths(), $thing->colour->hex()];
    }

    public function priced(Money $packPrice, Offer $offer, int $packSize, int $needed, Tender $tender): void
    {
        new LinePrice($packPrice, $offer, $packSize, $needed);
        [$this->packPrice, $this->packSize, $this->needed, $this->tender] = [$packPrice->minor, $packSize, $needed, $tender];
        [$this->offerKind, $this->offerValue, $this->offerPayFor] = [$offer->kind, $offer->value, $offer->payFor];
    }

    /** @param list<ColourShare> $colours */
    public function restyle(Piece $piece, array $colours): void
    {
        $this->restyles = $piece->id();
        $this->restyledColours = array_map(static fn(ColourShare $share): array => ['hex' => $share->colour->hex(), 'percent' => $share->percent], $colours);
    }

    public function runs(?Length $run): void
    {
        $this->run = $run?->tenths();
    }

    public function run(): ?Length
    {
        return null === $this->run ? null : Length::ofTenths($this->run);
    }

    /** It is no decor but a tote, with the width and height of the thing inside and that depth. */
    public function isTote(Length $depth): void
    {
        $this->toteDepth = $depth->tenths();
    }

    /** Null where it is no tote. */
    public function toteInside(): ?Size
    {
        return null === $this->toteDepth ? null : new Size(Length::ofTenths($this->width), Length::ofTenths($this->toteDepth), Length::ofTenths($this->height));
    }

    public function restyles(): ?string
    {
        return $this->restyles;
    }

    /** @return list<ColourShare> */
    public function restyledColours(): array
    {
        return array_map(static fn(array $share): ColourShare => new ColourShare(Srgb::ofHex($share['hex']), $share['percent']), $this->restyledColours);
    }

    public function goOnTo(LineState $state): void
    {
        $this->state = $state;
    }

    public function became(?string $pieceId): void
    {
        $this->becamePiece = $pieceId;
    }

    public function price(): LinePrice
    {
        return new LinePrice(Money::ofMinor($this->packPrice), $this->offer(), $this->packSize, $this->needed);
    }

    public function offer(): Offer
    {
        return match ($this->offerKind) {
            OfferKind::None => Offer::none(),
            OfferKind::Percent => Offer::percentOff($this->offerValue),
            OfferKind::Fixed => Offer::offEachPack(Money::ofMinor($this->offerValue)),
            OfferKind::Deal => Offer::takeAndPay($this->offerValue, $this->offerPayFor),
        };
    }

    public function thing(): HaulThing
    {
        return HaulThing::ofStored($this->kind, $this->width, $this->height, $this->colour);
    }

    public function purseLine(): PurseLine
    {
        return new PurseLine($this->id, $this->name, $this->price()->total, $this->state, $this->tender);
    }

    public function home(): Home
    {
        return $this->swap->home();
    }

    public function swap(): Swap
    {
        return $this->swap;
    }

    public function need(): ?Need
    {
        return $this->need;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function way(): HaulWay
    {
        return $this->way;
    }

    public function packPrice(): Money
    {
        return Money::ofMinor($this->packPrice);
    }

    public function packSize(): int
    {
        return $this->packSize;
    }

    public function needed(): int
    {
        return $this->needed;
    }

    public function tender(): Tender
    {
        return $this->tender;
    }

    public function state(): LineState
    {
        return $this->state;
    }

    public function becamePiece(): ?string
    {
        return $this->becamePiece;
    }
}
