<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Upload;
use App\Photo\PhotoFile;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\PhotoColours;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** The colours of a photo; the photo itself is not kept. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadPhoto
{
    public function __construct(private ColourNames $names) {}

    #[Route('/api/homes/{home}/colours/photo', methods: ['POST'])]
    public function __invoke(
        #[Upload('photo')]
        PhotoFile $photo,
        #[MapQueryParameter]
        int $most = 5,
        #[MapQueryParameter]
        bool $withoutGround = true,
    ): FoundColoursAnswer {
        return FoundColoursAnswer::of((new PhotoColours())->read($photo->grid(), $most, $withoutGround), $this->names);
    }
}
