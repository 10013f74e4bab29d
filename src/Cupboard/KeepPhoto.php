<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Photo;
use App\Entity\Piece;
use App\Http\Upload;
use App\Journal\Journal;
use App\Photo\PhotoFile;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps the photo of a piece, encoded anew, in place of the one before. */
#[AsController]
final readonly class KeepPhoto
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Journal $journal, private ReadPiece $read) {}

    #[Route('/api/homes/{home}/pieces/{piece}/photo', methods: ['POST'])]
    public function __invoke(Piece $piece, #[Upload('photo')] PhotoFile $photo): PieceAnswer
    {
        $kept = $this->entities->find(Photo::class, $piece->id());
        $piece->photographed($this->clock->now());
        null === $kept ? $this->entities->persist(new Photo($piece, $photo->jpeg())) : $kept->keep($photo->jpeg());
        $this->journal->say(sprintf('%s has its photo', $piece->name()));
        $this->entities->flush();

        return ($this->read)($piece);
    }
}
