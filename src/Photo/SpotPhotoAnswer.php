<?php

declare(strict_types=1);

namespace App\Photo;

use App\Entity\PhotoMoment;
use App\Entity\SpotPhoto;

/** A photo of a spot without the photo itself. */
final readonly class SpotPhotoAnswer
{
    public function __construct(
        public string $id,
        public string $swap,
        public string $swapName,
        public string $swapDay,
        public string $spot,
        public PhotoMoment $moment,
        public string $at,
        public string $by,
    ) {}

    public static function of(SpotPhoto $photo): self
    {
        $swap = $photo->swap();

        return new self(
            $photo->id(),
            $swap->id(),
            $swap->name(),
            $swap->swapDay()->format('Y-m-d'),
            $photo->spot()->id(),
            $photo->moment(),
            $photo->at()->format('YmdHis'),
            $photo->by(),
        );
    }
}
