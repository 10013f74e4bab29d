<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Surface\Layer;

/** So many units of a piece standing shoulder to shoulder on a ledge. Lengths here are tenths of a millimetre. */
final readonly class PlacedPiece
{
    public int $width;
    public int $right;
    public int $top;
    public float $centre;

    /**
     * @param int $left  from the left end of the ledge to the left edge; may be outside the ledge
     * @param int $raise height of what it stands on
     */
    public function __construct(
        public string $id,
        public Piece $piece,
        public int $count,
        public int $left,
        public Layer $layer,
        public int $raise = 0,
    ) {
        $this->width = $piece->size->width->tenths() * $count;
        $this->right = $left + $this->width;
        $this->top = $raise + $piece->size->height->tenths();
        $this->centre = $left + $this->width / 2;
    }

    /**
     * How heavy it looks: face area in square inches × (0.5 + a half shared by darkness, colourfulness and solidity).
     *
     * The weights 0.45, 0.25 and 0.3 are this application's own (common practice: dark, strong and solid things weigh more).
     */
    public function visualWeight(): float
    {
        $factor = 0.0;
        foreach ($this->piece->colours as $share) {
            $lab = Lab::of($share->colour);
            $factor += $share->percent / 100 * (0.45 * (1 - $lab->lightness / 100) + 0.25 * min(1.0, $lab->chroma() / 60));
        }
        $solidity = [] === $this->piece->materials ? 1.0 : min(array_map(static fn($material): float => $material->solidity(), $this->piece->materials));

        return $this->piece->faceArea() * $this->count * (0.5 + $factor + 0.3 * $solidity) * (0.4 + 0.6 * $solidity);
    }

    public function overlapsAcross(self $other): bool
    {
        return $this->left < $other->right && $other->left < $this->right;
    }
}
