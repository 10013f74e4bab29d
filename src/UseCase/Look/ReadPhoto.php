<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Photo\PhotoFile;
use App\View\Look\FoundColoursView;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\PhotoColours;

/** The colours of a photo; the photo itself is not kept. */
final readonly class ReadPhoto
{
    public function __construct(private ColourNames $names) {}

    public function __invoke(PhotoFile $photo, int $most, bool $withoutGround): FoundColoursView
    {
        return FoundColoursView::of((new PhotoColours())->read($photo->grid(), $most, $withoutGround), $this->names);
    }
}
