<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Need;
use App\Entity\Note;
use App\Entity\Swap;
use App\Haul\ReadHaul;
use App\Repository\CatalogueEntry;
use App\Repository\PlanRepository;
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
        private PlanRepository $plan,
        private ReadHaul $haul,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/stations', methods: ['GET'])]
    public function __invoke(Swap $swap): StationsAnswer
    {
        $state = $this->plans->ofPlanned($swap);
        $inHand = $this->plans->inHand($swap);
        $inLook = \count(array_filter($inHand, static fn(CatalogueEntry $entry): bool => FitVerdict::In === $state->meter->fit($entry->piece)->verdict));
        $dressed = [];
        foreach ($state->plan->placed as $spots) {
            $dressed += $spots;
        }
        /** @var int $ticked */
        /** @var int $tasks */
        [$ticked, $tasks] = array_values($this->entities->createQuery(
            'SELECT COUNT(t.doneAt), COUNT(t.id) FROM App\Entity\SheetTask t WHERE t.swap = :swap',
        )->setParameter('swap', $swap)->getSingleResult());
        $needs = $this->entities->getRepository(Need::class)->count(['swap' => $swap, 'removedAt' => null, 'filledBy' => null]);
        $notes = $this->entities->getRepository(Note::class)->count(['swap' => $swap, 'removedAt' => null]);
        $purse = $this->haul->purse($swap);
        $today = $this->clock->now()->setTime(0, 0);

        return new StationsAnswer(
            $inLook,
            \count($inHand),
            \count(array_intersect_key($this->plan->decided($swap), $inHand)),
            \count($dressed),
            \count($state->plan->spots),
            $needs,
            $purse->hasBudget ? $purse->free->minor : null,
            $ticked,
            $tasks,
            $notes,
            (int) $today->diff($swap->swapDay())->format('%r%a'),
            $today->format('Y-m-d'),
        );
    }
}
