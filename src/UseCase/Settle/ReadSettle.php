<?php

declare(strict_types=1);

namespace App\UseCase\Settle;

use App\Entity\Note;
use App\Entity\SheetTask;
use App\Entity\Swap;
use App\UseCase\Haul\ReadHaul;
use App\View\Settle\NoteView;
use App\View\Settle\SettleView;
use App\View\Settle\UsedPieceView;
use BrightCupboard\Core\Money\SeasonSum;
use Doctrine\ORM\EntityManagerInterface;

final readonly class ReadSettle
{
    public function __construct(private EntityManagerInterface $entities, private ReadHaul $haul, private UsedPieces $used) {}

    public function __invoke(Swap $swap): SettleView
    {
        $sum = new SeasonSum($swap->budget(), $this->haul->purse($swap)->spent, $this->used->of($swap));
        $tasks = $this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap]);
        $notes = $this->entities->getRepository(Note::class)->findBy(['swap' => $swap, 'removedAt' => null], ['at' => 'DESC', 'id' => 'DESC']);

        return new SettleView(
            null !== $swap->closedAt(),
            \count(array_filter($tasks, static fn(SheetTask $task): bool => !$task->isDone())),
            $sum->budget->minor,
            $sum->spent->minor,
            $sum->reusedUnits,
            $sum->newUnits,
            $sum->reusedValue->minor,
            $sum->newValue->minor,
            $sum->reuseShare(),
            array_map(UsedPieceView::of(...), $sum->used),
            array_map(NoteView::of(...), array_values($notes)),
        );
    }
}
