<?php

declare(strict_types=1);

namespace App\Photo;

use App\Entity\Person;
use App\Entity\PhotoMoment;
use App\Entity\Role;
use App\Entity\Spot;
use App\Entity\SpotPhoto;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Upload;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Keeps how a spot looks before it is dressed, or how it stood, in place of the photo before. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class KeepSpotPhoto
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/photos/{moment}', methods: ['POST'])]
    public function __invoke(Swap $swap, Spot $spot, PhotoMoment $moment, #[Upload('photo')] PhotoFile $photo, #[CurrentUser] Person $by): SpotPhotoAnswer
    {
        $kept = $this->entities->getRepository(SpotPhoto::class)->findOneBy([
            'swap' => $swap,
            'spot' => $spot,
            'moment' => $moment,
        ]) ?? new SpotPhoto($swap, $spot, $moment);
        $kept->keep($photo->jpeg(), $this->clock->now(), $by->name());
        $this->entities->persist($kept);
        $this->journal->say(sprintf(
            PhotoMoment::Before === $moment ? '%s is photographed before it is dressed' : '%s is photographed as it stands',
            $spot->name(),
        ));
        $this->entities->flush();

        return SpotPhotoAnswer::of($kept);
    }
}
