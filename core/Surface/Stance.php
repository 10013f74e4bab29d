<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;

/** The place and posture of units on a spot, and which side of them is seen. Lengths are tenths of a millimetre. */
final readonly class Stance
{
    /** More dips than posts along a stair are no swags any more. */
    public const MOST_DIPS = 24;

    /**
     * @param int          $left    from the left end of the spot to the left edge; may be outside it
     * @param int          $raise   what it stands on; on a panel its lower edge over that of the panel
     * @param int          $tier    board of tiers from the lowest, band of a tree from the foot, both from 0
     * @param Posture|null $posture null for the habit of its kind on such a spot
     * @param int          $dips    of what drapes: how often it hangs down between where it is tied, round a post its turns; 0 when it lies along
     * @param string|null  $face    name of the side that is turned to the front; null for the one it shows anyway
     * @param int          $girth   how far it is round what it is wound round; 0 where nothing is
     * @param int          $reach   no further than so far it runs, to and fro where it is longer; 0 where it runs on
     */
    public function __construct(
        public int $left,
        public Layer $layer = Layer::Middle,
        public int $raise = 0,
        public int $tier = 0,
        public ?Posture $posture = null,
        public int $dips = 0,
        public ?string $face = null,
        public int $girth = 0,
        public int $reach = 0,
    ) {}

    /** At the beginning of a spot, as something of a kind is tried there. */
    public static function tried(Spot $spot, PieceKind $kind, Posture $posture): self
    {
        return (new self(0, Layer::Middle, 0, 0, $posture))->on($spot, $kind);
    }

    public function leftAt(int $left): self
    {
        return new self($left, $this->layer, $this->raise, $this->tier, $this->posture, $this->dips, $this->face, $this->girth, $this->reach);
    }

    public function raisedTo(int $raise): self
    {
        return new self($this->left, $this->layer, $raise, $this->tier, $this->posture, $this->dips, $this->face, $this->girth, $this->reach);
    }

    public function turnedTo(?string $face): self
    {
        return new self($this->left, $this->layer, $this->raise, $this->tier, $this->posture, $this->dips, $face, $this->girth, $this->reach);
    }

    /** As it is on a spot: with the posture that is meant where none is said, what it is wound round there, and how far it reaches. */
    public function on(Spot $spot, PieceKind $kind): self
    {
        $posture = $this->posture ?? $spot->postureOf($kind);

        return new self($this->left, $this->layer, $this->raise, $this->tier, $posture, $this->dips, $this->face, $spot->girth(), $spot->reachOf($kind));
    }
}
