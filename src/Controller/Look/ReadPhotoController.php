<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Upload;
use App\Photo\PhotoFile;
use App\UseCase\Look\ReadPhoto;
use App\View\Look\FoundColoursView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadPhotoController
{
    public function __construct(private ReadPhoto $read) {}

    #[Route('/api/homes/{home}/colours/photo', methods: ['POST'])]
    public function __invoke(#[Upload('photo')] PhotoFile $photo, #[MapQueryParameter] int $most = 5, #[MapQueryParameter] bool $withoutGround = true): FoundColoursView
    {
        return ($this->read)($photo, $most, $withoutGround);
    }
}
