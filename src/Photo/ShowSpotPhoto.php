<?php

declare(strict_types=1);

namespace App\Photo;

use App\Entity\SpotPhoto;
use App\Http\FileAnswer;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ShowSpotPhoto
{
    #[Route('/api/homes/{home}/spot-photos/{photo}', methods: ['GET'])]
    public function __invoke(SpotPhoto $photo): FileAnswer
    {
        return FileAnswer::shown(
            $photo->jpeg(),
            'image/jpeg',
            sprintf('%s, %s, %s.jpg', $photo->spot()->name(), $photo->swap()->name(), $photo->moment()->value),
        );
    }
}
