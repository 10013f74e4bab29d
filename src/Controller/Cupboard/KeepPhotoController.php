<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Piece;
use App\Http\Upload;
use App\Photo\PhotoFile;
use App\UseCase\Cupboard\KeepPhoto;
use App\View\Cupboard\PieceView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class KeepPhotoController
{
    public function __construct(private KeepPhoto $keep) {}

    #[Route('/api/homes/{home}/pieces/{piece}/photo', methods: ['POST'])]
    public function __invoke(Piece $piece, #[Upload('photo')] PhotoFile $photo): PieceView
    {
        return ($this->keep)($piece, $photo);
    }
}
