<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Need;
use App\Entity\Note;
use App\Entity\SheetTask;
use App\Entity\Swap;
use App\Haul\ReadHaul;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Look\FitVerdict;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The live figures of the six stations. */
#[AsController]
final readonly class ReadStations
{
    public function __construct(
        private Plans $plans,
        private HouseRepository $house,
        private ReadHaul $haul,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/stations', methods: ['GET'])]
    public function __invoke(Swap $swap): StationsAnswer
    {
        $state = $this->plans->of($swap);
        $inHand = $inLook = $decided = 0;
        foreach ($state->catalogue as $id => $entry) {
            if ($state->plan->isOutOfHand($id)) {
                continue;
            }
            ++$inHand;
            $inLook += FitVerdict::In === $state->meter->fit($entry->piece)->verdict ? 1 : 0;
            $decided += null === $state->plan->choice($id) ? 0 : 1;
        }
        $dressed = [];
        foreach ($state->plan->placed as $spots) {
            $dressed += $spots;
        }
        $tasks = $this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap]);
        $needs = $this->entities->getRepository(Need::class)->count(['swap' => $swap, 'removedAt' => null, 'filledBy' => null]);
        $notes = $this->entities->getRepository(Note::class)->count(['swap' => $swap, 'removedAt' => null]);
        $purse = $this->haul->purse($swap);
        $today = $this->clock->now()->setTime(0, 0);

        return new StationsAnswer(
            $inLook,
            $inHand,
            $decided,
            \count($dressed),
            \count($this->house->spots($swap->home())),
            $needs,
            $purse->hasBudget ? $purse->free->minor : null,
            \count(array_filter($tasks, static fn(SheetTask $task): bool => $task->isDone())),
            \count($tasks),
            $notes,
            (int) $today->diff($swap->swapDay())->format('%r%a'),
            $today->format('Y-m-d'),
        );
    }
}
