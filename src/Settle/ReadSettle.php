<?php

declare(strict_types=1);

namespace App\Settle;

use App\Entity\Note;
use App\Entity\SheetTask;
use App\Entity\Swap;
use App\Haul\ReadHaul;
use App\Ledger\OwnedStocks;
use App\Ledger\UsedPieceAnswer;
use App\Ledger\UsedPieces;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\SeasonSum;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadSettle
{
    public function __construct(private EntityManagerInterface $entities, private ReadHaul $haul, private UsedPieces $used, private OwnedStocks $stocks) {}

    #[Route('/api/homes/{home}/swaps/{swap}/settle', methods: ['GET'])]
    public function __invoke(Swap $swap): SettleAnswer
    {
        $sum = new SeasonSum($swap->budget() ?? Money::zero(), $this->haul->purse($swap)->spent, $this->used->of($swap, $this->stocks->of($swap->home())));
        $tasks = $this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap]);
        $notes = $this->entities->getRepository(Note::class)->findBy(['swap' => $swap, 'removedAt' => null], ['at' => 'DESC', 'id' => 'DESC']);

        return new SettleAnswer(
            null !== $swap->closedAt(),
            \count(array_filter($tasks, static fn(SheetTask $task): bool => !$task->isDone())),
            $swap->budget()?->minor,
            $sum->spent->minor,
            $sum->reusedUnits,
            $sum->newUnits,
            $sum->reusedValue->minor,
            $sum->newValue->minor,
            $sum->reusedUnpriced,
            $sum->newUnpriced,
            $sum->reuseShare(),
            array_map(UsedPieceAnswer::of(...), $sum->used),
            array_map(NoteAnswer::of(...), array_values($notes)),
        );
    }
}
