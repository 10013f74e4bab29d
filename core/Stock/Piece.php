<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;

/** One kind of owned decor thing, with a count: five alike candlesticks are one piece, count 5. */
final readonly class Piece
{
    public const MOST = 999;
    /** A plate so wide is a platter: nobody eats from it (common practice, 14 in). */
    private const PLATTER = 14 * Length::TENTHS_PER_INCH;
    /** So many times as high as wide, a candle is a taper. */
    private const TAPER = 6;

    /**
     * @param list<ColourShare> $colours   one to five, summing to 100 %
     * @param list<Material>    $materials
     * @param list<Season>      $seasons   empty for a staple
     * @param list<Hazard>      $hazards
     * @param Length|null       $laidOut   how long it is unrolled or unfolded, where that is not its size as it is kept
     */
    public function __construct(
        public string $id,
        public string $name,
        public PieceKind $kind,
        public int $count,
        public Size $size,
        public Weight $weight,
        public array $colours,
        public array $materials,
        public Finish $finish,
        public array $seasons,
        public array $hazards,
        public ?Length $laidOut = null,
    ) {
        if ($count < 1 || $count > self::MOST) {
            throw InvalidStock::count($count, self::MOST);
        }
        if (0 === $size->width->tenths() || 0 === $size->height->tenths()) {
            throw InvalidStock::flat($name);
        }
        ColourShare::complete($colours);
    }

    /** @param list<ColourShare> $colours */
    public function withColours(array $colours): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->count,
            $this->size,
            $this->weight,
            $colours,
            $this->materials,
            $this->finish,
            $this->seasons,
            $this->hazards,
            $this->laidOut,
        );
    }

    /** Used all year, taking a new accent each season. */
    public function isStaple(): bool
    {
        return [] === $this->seasons;
    }

    public function serves(Season $season): bool
    {
        return $this->isStaple() || \in_array($season, $this->seasons, true);
    }

    /** @return list<Texture> each family once, in the order of the materials */
    public function textures(): array
    {
        $families = [];
        foreach ($this->materials as $material) {
            $families[$material->texture()->value] = $material->texture();
        }

        return array_values($families);
    }

    /** Whether one of its materials is of that texture family. */
    public function isOf(Texture $texture): bool
    {
        foreach ($this->materials as $material) {
            if ($material->texture() === $texture) {
                return true;
            }
        }

        return false;
    }

    /** Whether a flame must keep away from it: what nobody has said the material of is taken for what its kind is usually of, or else to burn. */
    public function burns(): bool
    {
        if ([] === $this->materials) {
            return $this->kind->facts()->material?->burns() ?? true;
        }
        foreach ($this->materials as $material) {
            if ($material->burns()) {
                return true;
            }
        }

        return false;
    }

    /** Whether it takes fire at once: greenery, dried stems, paper, cloth; a flame does not belong in it, nor beside it. */
    public function isTinder(): bool
    {
        foreach ([Texture::Greenery, Texture::Dried, Texture::Paper, Texture::Textile] as $texture) {
            if ($this->isOf($texture)) {
                return true;
            }
        }

        return false;
    }

    public function hasFlame(): bool
    {
        return \in_array(Hazard::OpenFlame, $this->hazards, true);
    }

    /** A taper: a candle so much higher than wide does not stand by itself. */
    public function needsHolder(): bool
    {
        return PieceKind::Pillar === $this->kind && $this->size->height->tenths() >= self::TAPER * $this->size->width->tenths();
    }

    /** Of a plate, whether it is served from, or stands under other things. */
    public function isPlatter(): bool
    {
        return max($this->size->width->tenths(), $this->size->height->tenths()) >= self::PLATTER;
    }

    public function isBreakable(): bool
    {
        return \in_array(Hazard::Breakable, $this->hazards, true);
    }

    /** Litres one unit takes in a tote: the box round it, less what its softest material gives way. */
    public function packedLitres(): float
    {
        $part = 1.0;
        foreach ($this->materials as $material) {
            $part = min($part, $material->packedPart());
        }

        return $this->size->litres() * $part;
    }

    /** Face seen from the front, one unit, in square inches. */
    public function faceArea(): float
    {
        return $this->size->width->inInches() * $this->size->height->inInches();
    }

    public function height(): Length
    {
        return $this->size->height;
    }
}
