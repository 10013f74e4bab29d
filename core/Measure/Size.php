<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/** Width, depth and height of the box round a thing as it stands. */
final readonly class Size
{
    public function __construct(public Length $width, public Length $depth, public Length $height) {}

    /** Volume of the box, in litres. */
    public function litres(): float
    {
        return $this->width->inMillimetres() * $this->depth->inMillimetres() * $this->height->inMillimetres() / 1e6;
    }

    /** Whether the box goes into another one, turned any way round at right angles. */
    public function fitsInto(self $other): bool
    {
        $mine = [$this->width->tenths(), $this->depth->tenths(), $this->height->tenths()];
        $theirs = [$other->width->tenths(), $other->depth->tenths(), $other->height->tenths()];
        sort($mine);
        sort($theirs);

        return $mine[0] <= $theirs[0] && $mine[1] <= $theirs[1] && $mine[2] <= $theirs[2];
    }
}
