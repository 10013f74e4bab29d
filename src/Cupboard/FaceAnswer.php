<?php

declare(strict_types=1);

namespace App\Cupboard;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Season;

/** Another side of a piece. */
final readonly class FaceAnswer
{
    /**
     * @param list<Season>     $seasons
     * @param list<ColourAnswer> $colours
     */
    private function __construct(public string $name, public array $seasons, public array $colours) {}

    public static function of(Face $face): self
    {
        return new self(
            $face->name,
            $face->seasons,
            array_map(static fn(ColourShare $share): ColourAnswer => new ColourAnswer($share->colour->hex(), $share->percent), $face->colours),
        );
    }
}
