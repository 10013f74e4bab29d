<?php

declare(strict_types=1);

namespace App\Photo;

use App\Entity\SpotPhoto;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes the photo of a spot away. */
#[AsController]
final readonly class RemoveSpotPhoto
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/spot-photos/{photo}', methods: ['DELETE'])]
    public function __invoke(SpotPhoto $photo): void
    {
        $this->entities->remove($photo);
        $this->journal->say(sprintf('The photo of %s is gone', $photo->spot()->name()));
        $this->entities->flush();
    }
}
