<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Photo;
use App\Entity\Piece;
use App\Http\FileAnswer;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ShowPhoto
{
    public function __construct(private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/pieces/{piece}/photo', methods: ['GET'])]
    public function __invoke(Piece $piece): FileAnswer
    {
        $photo = $this->entities->find(Photo::class, $piece->id()) ?? throw new NotFoundHttpException('This piece has no photo yet.');

        return FileAnswer::shown($photo->jpeg(), 'image/jpeg', $piece->name() . '.jpg');
    }
}
