<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\Sketch;

/** The picture of a sum, to scale, in tenths of a millimetre. */
final readonly class SketchAnswer
{
    /** @param list<MarkAnswer> $marks */
    private function __construct(public int $width, public int $height, public bool $isLaid, public array $marks) {}

    public static function of(Sketch $sketch, SumWords $words): self
    {
        return new self(
            $sketch->width,
            $sketch->height,
            $sketch->isLaid,
            array_map(static fn(Mark $mark): MarkAnswer => MarkAnswer::of($mark, $words), $sketch->marks),
        );
    }
}
