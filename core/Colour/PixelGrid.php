<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** A small picture, row by row from the top left; how it was decoded and made small is not the core's concern. */
final readonly class PixelGrid
{
    public const MOST_PIXELS = 40_000;

    /**
     * @param list<int>        $pixels numbers 0 to 0xFFFFFF, width × height of them
     * @param array<int, true> $clear  places of pixels that are see-through: no part of any thing
     */
    public function __construct(public int $width, public int $height, public array $pixels, public array $clear = [])
    {
        if ($width < 1 || $height < 1 || \count($pixels) !== $width * $height) {
            throw new \LogicException(sprintf('A grid of %d by %d has as many pixels, got %d.', $width, $height, \count($pixels)));
        }
        if ($width * $height > self::MOST_PIXELS) {
            throw new \LogicException(sprintf('A grid has at most %d pixels, got %d.', self::MOST_PIXELS, $width * $height));
        }
    }
}
