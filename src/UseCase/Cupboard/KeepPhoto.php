<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Photo;
use App\Entity\Piece;
use App\Photo\PhotoFile;
use Psr\Clock\ClockInterface;
use App\View\Cupboard\PieceView;
use Doctrine\ORM\EntityManagerInterface;

/** Keeps the photo of a piece, encoded anew; null takes it away. */
final readonly class KeepPhoto
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private ReadPiece $read) {}

    public function __invoke(Piece $piece, ?PhotoFile $file): PieceView
    {
        $photo = $this->entities->find(Photo::class, $piece->id());
        if (null === $file) {
            $piece->photographed(null);
            if (null !== $photo) {
                $this->entities->remove($photo);
            }
        } else {
            $piece->photographed($this->clock->now());
            null === $photo ? $this->entities->persist(new Photo($piece, $file->jpeg())) : $photo->keep($file->jpeg());
        }
        $this->entities->flush();

        return ($this->read)($piece);
    }
}
