<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Stock\Piece;

/**
 * How one unit is laid into a tote: tenths of a millimetre across its front, from front to back, and up.
 *
 * @internal
 */
final readonly class Posture
{
    private function __construct(public int $width, public int $depth, public int $height, public bool $isOnSide = false) {}

    /** Upright if it goes in so, else turned, on its back or on its side; what is soft is pressed, and folded when it is too long. */
    public static function of(Piece $piece, Size $inside): self
    {
        $soft = $piece->packedLitres() / max(1e-9, $piece->size->litres());
        [$w, $d, $h] = [$piece->size->width->tenths(), $piece->size->depth->tenths(), max(1, (int) round($piece->size->height->tenths() * $soft))];
        foreach ([new self($w, $d, $h), new self($d, $w, $h), new self($w, $h, $d), new self($h, $d, $w, true)] as $posture) {
            if ($posture->width <= $inside->width->tenths() && $posture->depth <= $inside->depth->tenths() && $posture->height <= $inside->height->tenths()) {
                return $posture;
            }
        }
        $most = $inside->width->tenths();
        if ($soft < 1 && $w > $most) {
            $layers = intdiv($w - 1, $most) + 1;
            $isDeep = $d * $layers <= $inside->depth->tenths();

            return new self(intdiv($w, $layers), $isDeep ? $d * $layers : $d, $isDeep ? $h : $h * $layers);
        }

        return $w > $most && $h <= $most ? new self($h, $d, $w, true) : new self(min($w, $most), $d, $h);
    }
}
