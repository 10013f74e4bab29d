<?php

declare(strict_types=1);

namespace App\View\Cupboard;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Season;

/** Another side of a piece. */
final readonly class FaceView
{
    /**
     * @param list<Season>     $seasons
     * @param list<ColourView> $colours
     */
    private function __construct(public string $name, public array $seasons, public array $colours) {}

    public static function of(Face $face): self
    {
        return new self($face->name, $face->seasons, array_map(static fn(ColourShare $share): ColourView => new ColourView($share->colour->hex(), $share->percent), $face->colours));
    }
}
