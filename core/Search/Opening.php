<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** The room inside a tote or over a spot, by the name that somebody asks by: “fits in A1”, “fits on the hall mantel”. */
final readonly class Opening
{
    /**
     * @param string   $name       lower case
     * @param int      $width      tenths of a millimetre, as the others
     * @param int|null $height     null where nothing is above
     * @param bool     $liesAnyWay things may lie on any side in it, as in a tote; else they stand, turned by a quarter at most
     */
    public function __construct(public string $name, public int $width, public int $depth, public ?int $height, public bool $liesAnyWay) {}

    /** Whether a thing of this size goes in by itself, with nothing beside it. */
    public function takes(int $width, int $depth, int $height): bool
    {
        if ($this->liesAnyWay) {
            $room = [$this->width, $this->depth, $this->height ?? \PHP_INT_MAX];
            $thing = [$width, $depth, $height];
            sort($room);
            sort($thing);

            return $thing[0] <= $room[0] && $thing[1] <= $room[1] && $thing[2] <= $room[2];
        }

        return max($width, $depth) <= max($this->width, $this->depth)
            && min($width, $depth) <= min($this->width, $this->depth)
            && (null === $this->height || $height <= $this->height);
    }
}
