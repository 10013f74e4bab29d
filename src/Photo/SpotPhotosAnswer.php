<?php

declare(strict_types=1);

namespace App\Photo;

final readonly class SpotPhotosAnswer
{
    /** @param list<SpotPhotoAnswer> $photos the latest swap first, of a swap as it was before it was dressed first */
    public function __construct(public array $photos) {}
}
