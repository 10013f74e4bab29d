<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/** So many units of a piece side by side on a spot. Lengths here are tenths of a millimetre. */
final readonly class PlacedPiece
{
    /** Between what hangs in rows: 2 1/2 in. */
    public const APART = 635;
    private const MOST_IN_ROW = 3;

    public int $width;
    /** As it is put here: a flat thing that leans or hangs is as tall as it is deep when it lies. */
    public int $height;
    public int $depth;
    public int $right;
    public int $top;
    public float $centre;
    public Posture $posture;
    /** Units beside one another; what hangs on a wall from four on hangs in rows. */
    public int $columns;
    public int $unitHeight;

    /**
     * @param int          $left    from the left end of the spot to the left edge; may be outside the spot
     * @param int          $raise   height of what it stands on; on a panel of its lower edge
     * @param int          $tier    board or band, the lowest is 0
     * @param Posture|null $posture null for the first habit of its kind
     */
    public function __construct(
        public string $id,
        public Piece $piece,
        public int $count,
        public int $left,
        public Layer $layer,
        public int $raise = 0,
        public int $tier = 0,
        ?Posture $posture = null,
    ) {
        $this->posture = $posture ?? $piece->kind->facts()->postures[0];
        $size = $piece->size;
        $isStoodUp = (Posture::Leans === $this->posture || Posture::Hangs === $this->posture) && 2 * $size->height->tenths() < $size->depth->tenths();
        [$height, $this->depth] = $isStoodUp ? [$size->depth->tenths(), $size->height->tenths()] : [$size->height->tenths(), $size->depth->tenths()];
        $this->unitHeight = $height;
        $this->columns = Posture::Hangs === $this->posture && PieceKind::Stocking !== $piece->kind && $count > self::MOST_IN_ROW
            ? (int) ceil($count / floor(sqrt($count)))
            : $count;
        $rows = (int) ceil($count / $this->columns);
        $this->height = $this->unitHeight * $rows + self::APART * ($rows - 1);
        $this->width = $size->width->tenths() * $this->columns + ($rows > 1 ? self::APART * ($this->columns - 1) : 0);
        $this->right = $left + $this->width;
        $this->top = $raise + $this->height;
        $this->centre = $left + $this->width / 2;
    }

    public static function at(string $id, Piece $piece, int $count, Stance $stance): self
    {
        return new self($id, $piece, $count, $stance->left, $stance->layer, $stance->raise, $stance->tier, $stance->posture);
    }

    public function stance(): Stance
    {
        return new Stance($this->left, $this->layer, $this->raise, $this->tier, $this->posture);
    }

    /** Face in square inches times what makes it look heavy. */
    public function visualWeight(): float
    {
        return $this->width * $this->height / 254 ** 2 * VisualWeight::factor($this->piece);
    }

    public function overlapsAcross(self $other): bool
    {
        return $this->left < $other->right && $other->left < $this->right;
    }

    /** Whether it takes room of its own where it is: not what lies flat, drapes, trims or is in something else. */
    public function isSolid(): bool
    {
        return Posture::Lies !== $this->posture && Posture::Drapes !== $this->posture && Posture::Trims !== $this->posture && Posture::Fills !== $this->posture;
    }
}
