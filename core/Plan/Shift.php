<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/** A piece that stays at its spot and is to stand there otherwise than it stood. Lengths are tenths of a millimetre. */
final readonly class Shift
{
    /** Nobody is asked to move a thing by less. */
    private const LEAST = 2 * Length::TENTHS_PER_INCH;

    /** @param Stance $from with its posture; $to as well */
    public function __construct(public Piece $piece, public int $count, public string $spotId, public Stance $from, public Stance $to) {}

    /** Whether it is another place or another way that somebody would see. */
    public function isSeen(): bool
    {
        return null !== $this->posture() || null !== $this->tier() || null !== $this->layer() || 0 !== $this->along() || 0 !== $this->up() || $this->isTurned();
    }

    /** How it is put now; null when as before. */
    public function posture(): ?Posture
    {
        return $this->from->posture === $this->to->posture ? null : $this->to->posture;
    }

    /** The board or band it goes to, from 0; null when it stays on its own. */
    public function tier(): ?int
    {
        return $this->from->tier === $this->to->tier ? null : $this->to->tier;
    }

    /** Further back or to the front; null when neither. */
    public function layer(): ?Layer
    {
        return $this->from->layer === $this->to->layer ? null : $this->to->layer;
    }

    /** How far to the right, to the left below 0; 0 when it is not worth saying. */
    public function along(): int
    {
        return self::worth($this->to->left - $this->from->left);
    }

    /** How much higher, lower below 0; 0 when it is not worth saying. */
    public function up(): int
    {
        return self::worth($this->to->raise - $this->from->raise);
    }

    /** Whether another side is turned to the front. */
    public function isTurned(): bool
    {
        return $this->from->face !== $this->to->face;
    }

    private static function worth(int $way): int
    {
        return abs($way) < self::LEAST ? 0 : $way;
    }
}
