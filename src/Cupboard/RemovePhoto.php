<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Photo;
use App\Entity\Piece;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes the photo of a piece away. */
#[AsController]
final readonly class RemovePhoto
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal, private ReadPiece $read) {}

    #[Route('/api/homes/{home}/pieces/{piece}/photo', methods: ['DELETE'])]
    public function __invoke(Piece $piece): PieceAnswer
    {
        $photo = $this->entities->find(Photo::class, $piece->id());
        $piece->photographed(null);
        if (null !== $photo) {
            $this->entities->remove($photo);
        }
        $this->journal->say(sprintf('The photo of %s is gone', $piece->name()));
        $this->entities->flush();

        return ($this->read)($piece);
    }
}
