<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Draft\Wanted;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;
use Doctrine\ORM\Mapping as ORM;

/** What a spot still wants in a swap. */
#[ORM\Entity]
class Need implements OfSwap, Removable
{
    use Identified;
    use SoftlyRemoved;

    #[ORM\Column(length: 20, nullable: true)]
    private ?PieceKind $kind;
    #[ORM\Column(nullable: true)]
    private ?int $leastHeight;
    #[ORM\Column(nullable: true)]
    private ?int $mostHeight;
    #[ORM\Column(nullable: true)]
    private ?int $mostWidth;
    #[ORM\Column(length: 7, nullable: true)]
    private ?string $colour;
    #[ORM\Column(length: 20, nullable: true)]
    private ?Texture $texture;
    #[ORM\Column]
    private int $count;
    /** The piece that was brought for it, if any. */
    #[ORM\Column(length: 26, nullable: true)]
    private ?string $filledBy = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Swap $swap,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Spot $spot,
        #[ORM\Column(length: 120)]
        private string $text,
        Wanted $wanted,
    ) {
        $this->identify();
        [$this->kind, $this->texture, $this->count, $this->colour] = [$wanted->kind, $wanted->texture, $wanted->count, $wanted->colour?->hex()];
        [$this->leastHeight, $this->mostHeight, $this->mostWidth] = [
            $wanted->leastHeight?->tenths(),
            $wanted->mostHeight?->tenths(),
            $wanted->mostWidth?->tenths(),
        ];
    }

    public function wanted(): Wanted
    {
        $length = static fn(?int $tenths): ?Length => null === $tenths ? null : Length::ofTenths($tenths);

        return new Wanted(
            $this->kind,
            $length($this->leastHeight),
            $length($this->mostHeight),
            $length($this->mostWidth),
            null === $this->colour ? null : Srgb::ofHex($this->colour),
            $this->texture,
            $this->count,
        );
    }

    public function fill(?string $pieceId): void
    {
        $this->filledBy = $pieceId;
    }

    public function filledBy(): ?string
    {
        return $this->filledBy;
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

    public function text(): string
    {
        return $this->text;
    }
}
