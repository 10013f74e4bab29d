<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Need;
use App\Entity\Swap;
use App\Repository\HouseRepository;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Finding;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** All spots with how far each is. */
#[AsController]
final readonly class ReadRooms
{
    public function __construct(private Plans $plans, private HouseRepository $house, private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots', methods: ['GET'])]
    public function __invoke(Swap $swap): RoomsAnswer
    {
        $state = $this->plans->ofPlanned($swap);
        $by = $state->judgement();
        $coach = new Coach();
        $needs = [];
        foreach ($this->entities->getRepository(Need::class)->findBy(['swap' => $swap, 'removedAt' => null, 'filledBy' => null]) as $need) {
            $needs[$need->spot()->id()] = ($needs[$need->spot()->id()] ?? 0) + 1;
        }
        $views = [];
        foreach ($this->house->spots($swap->home()) as $spot) {
            $dressing = $state->plan->dressing($spot->measures());
            $findings = $coach->lookOver($dressing, $by->at($spot->taste()));
            $good = \count(array_filter($findings, static fn(Finding $finding): bool => !$finding->isOpen()));
            $views[] = [$spot->focalRank(), new SpotStateAnswer($spot->id(), \count($dressing->placed), $good, \count($findings), $needs[$spot->id()] ?? 0)];
        }
        usort($views, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return new RoomsAnswer(array_column($views, 1));
    }
}
