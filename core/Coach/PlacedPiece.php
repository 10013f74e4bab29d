<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Sizing\Curves;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;

/** So many units of a piece side by side on a spot. Lengths here are tenths of a millimetre. */
final readonly class PlacedPiece
{
    /** Between what hangs in rows: 2 1/2 in. */
    public const APART = 635;
    private const MOST_IN_ROW = 3;
    /** Less than 18 in drapes over nothing (own). */
    private const DRAPES_FROM = 4572;
    /** Turns of what is thin are 2 in apart round a post at the least: closer they are no garland of light any more (own). */
    private const CLOSEST = 508;
    /** Cloth that lies: a quarter of an inch thick. */
    private const CLOTH = 64;

    /** A garland hangs down by a fifth of what it spans (common practice). */
    public const SAG = 0.2;

    public int $left;
    public Layer $layer;
    public int $raise;
    public int $tier;
    public int $width;
    /** As it is put here: what lies is lower than what stands. */
    public int $height;
    public int $depth;
    public int $right;
    public int $top;
    public float $centre;
    public Posture $posture;
    /** Units beside one another; what hangs on a wall from four on hangs in rows. */
    public int $columns;
    public int $unitHeight;
    /** How far the dips of what drapes hang down. */
    public int $drop;

    /** @param Stance $stance without a posture: the first habit of its kind */
    public function __construct(public string $id, public Piece $piece, public int $count, public Stance $stance)
    {
        $this->left = $stance->left;
        $this->layer = $stance->layer;
        $this->raise = $stance->raise;
        $this->tier = $stance->tier;
        $posture = $this->posture = $stance->posture ?? $piece->kind->facts()->postures[0];
        [$wide, $this->depth, $this->unitHeight] = self::turned($piece, $posture);
        $isInRows = $count > self::MOST_IN_ROW && Posture::Hangs === $posture && PieceKind::Stocking !== $piece->kind;
        $this->columns = $isInRows ? (int) ceil($count / floor(sqrt($count))) : $count;
        $rows = $isInRows ? (int) ceil($count / $this->columns) : 1;
        $this->height = $this->unitHeight * $rows + self::APART * ($rows - 1);
        $length = $wide * $this->columns + ($rows > 1 ? self::APART * ($this->columns - 1) : 0);
        $dips = Posture::Drapes === $posture ? $stance->dips : 0;
        // A garland as long as it is spans less where it hangs down between what it is tied to, and climbs less where it goes round.
        $this->width = match (true) {
            $stance->reach > 0 && $length > $stance->reach => $stance->reach,
            0 === $dips => $length,
            $stance->girth > 0 => max($dips * $this->thickness(), (int) round(Curves::climb($length, $dips, $stance->girth))),
            default => (int) round($length / Curves::swag(1, self::SAG)),
        };
        $this->drop = 0 === $dips || $stance->girth > 0 || $this->isWoven() ? 0 : (int) round(self::SAG * $this->width / $dips);
        $this->right = $this->left + $this->width;
        $this->top = $this->raise + $this->height;
        $this->centre = $this->left + $this->width / 2;
    }

    /**
     * Cloth lies as long as it is laid out, a skirt all round its tree. A flat thing that leans or hangs is as high as it is deep when
     * it lies; what stands is as deep as it is high when it lies, or as wide, when it is longer than wide: stems lie along a shelf.
     *
     * @return array{int, int, int} width, depth and height of one as it is put
     */
    private static function turned(Piece $piece, Posture $posture): array
    {
        [$wide, $deep, $high] = [$piece->size->width->tenths(), $piece->size->depth->tenths(), $piece->size->height->tenths()];

        return match (true) {
            Posture::Lies === $posture && null !== $piece->laidOut => [
                $piece->laidOut->tenths(),
                PieceKind::TreeSkirt === $piece->kind ? $piece->laidOut->tenths() : $wide,
                self::CLOTH,
            ],
            Posture::Lies === $posture && $high > $deep => $high > $wide ? [$high, $wide, $deep] : [$wide, $high, $deep],
            2 * $high < $deep && (Posture::Leans === $posture || Posture::Hangs === $posture) => [$wide, $high, $deep],
            default => [$wide, $deep, $high],
        };
    }

    /** One that is tried on a spot, at its beginning: wound round a post with as few turns as leave none of it over. */
    public static function tried(string $id, Piece $piece, int $count, Spot $spot, Posture $posture): self
    {
        $along = new self($id, $piece, $count, Stance::tried($spot, $piece->kind, $posture));
        $isWound = $spot->isUpright() && Posture::Drapes === $posture && $along->width > $spot->to - $spot->from;

        return $isWound ? $along->put($along->wound($spot, $spot->to - $spot->from)) : $along;
    }

    /** Its stance with as few turns round a post as leave none of it over where it is to climb so far. */
    public function wound(Spot $spot, int $climb): Stance
    {
        $length = $this->piece->size->width->tenths() * $this->count;
        $turns = (int) ceil(Curves::turns($length, $climb, $spot->girth()));

        $stance = new Stance($this->left, $this->layer, $this->raise, $this->tier, $this->posture, min(Stance::MOST_DIPS, $turns));

        return $stance->on($spot, $this->piece->kind);
    }

    /** How it is put now, in another place of the same spot. */
    public function stanceAt(int $left, Layer $layer, int $raise, int $tier): Stance
    {
        [$dips, $face, $girth, $reach] = [$this->stance->dips, $this->stance->face, $this->stance->girth, $this->stance->reach];

        return new Stance($left, $layer, $raise, $tier, $this->posture, $dips, $face, $girth, $reach);
    }

    /** The same, put otherwise. */
    public function put(Stance $stance): self
    {
        return new self($this->id, $this->piece, $this->count, $stance);
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

    /** Whether it may be longer than what it is on: its ends hang down over the edge. */
    public function fallsOverTheEnds(): bool
    {
        return Posture::Drapes === $this->posture || (Posture::Lies === $this->posture && $this->piece->kind->facts()->isLaidOut());
    }

    /** Whether there is too little of it to run along anything: a bow, the rest of a roll. */
    public function isTooShortToDrape(): bool
    {
        $length = $this->piece->laidOut ?? $this->piece->size->width;

        return Posture::Drapes === $this->posture && PieceKind::Throw !== $this->piece->kind && $length->tenths() < self::DRAPES_FROM;
    }

    /** Whether it is longer than what it runs along, and goes to and fro there. */
    public function isWoven(): bool
    {
        return $this->stance->reach > 0 && $this->piece->size->width->tenths() * $this->count > $this->stance->reach;
    }

    /** How close its turns can be round a post; a string of lights or beads is thin, whatever room it takes in its box. */
    private function thickness(): int
    {
        return $this->piece->kind->facts()->isStrung() ? min(self::CLOSEST, $this->unitHeight) : $this->unitHeight;
    }

    /** Whether it goes round a post. */
    public function isWound(): bool
    {
        return Posture::Drapes === $this->posture && $this->stance->girth > 0 && $this->stance->dips > 0;
    }

    /** Whether it takes room of its own where it is: not what lies flat, drapes, trims or is in something else. */
    public function isSolid(): bool
    {
        return Posture::Lies !== $this->posture && Posture::Drapes !== $this->posture && Posture::Trims !== $this->posture && Posture::Fills !== $this->posture;
    }
}
