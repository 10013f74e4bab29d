<?php

declare(strict_types=1);

namespace App\Settle;

use App\Entity\Piece;
use App\Entity\SheetTask;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Entity\Wear;
use App\Http\Body;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Swaps\Differences;
use App\Swaps\OpenSwaps;
use App\Swaps\Plans;
use App\Swaps\SwapState;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Closes a swap: what stands is counted as worn, and the next swap starts from here. */
#[AsController]
final readonly class CloseSwap
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Plans $plans,
        private ReadSettle $read,
        private Differences $differences,
        private ClockInterface $clock,
        private Journal $journal,
        private OpenSwaps $open,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/close', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] CloseInput $input): SettleAnswer
    {
        $this->open->requireFirst($swap);
        if (!$input->leaveOpen) {
            $this->refuseOpenTasks($swap);
        }
        foreach ($this->worn($this->plans->of($swap)) as $id => $spots) {
            foreach ($spots as $spotId => $units) {
                [$piece, $spot] = [$this->entities->find(Piece::class, $id), $this->entities->find(Spot::class, $spotId)];
                if (null !== $piece && null !== $spot) {
                    $this->entities->persist(new Wear($swap, $piece, $spot, $units));
                }
            }
        }
        $this->open->lead($swap);
        $swap->close($this->clock->now());
        $this->journal->say(sprintf('%s is closed', $swap->name()));
        $this->entities->flush();

        return ($this->read)($swap);
    }

    /**
     * What stands, and what stands as a part of something: a part has been out, though as no unit of its own.
     *
     * @return array<string, array<string, int>> units by piece id and spot id
     */
    private function worn(SwapState $state): array
    {
        $worn = $within = [];
        foreach (array_keys($state->catalogue) as $id) {
            foreach ($state->plan->start->of($id) as $key => $units) {
                $place = Place::ofKey($key);
                if (PlaceKind::Spot === $place->kind) {
                    $worn[$id][(string) $place->id] = $units;
                } elseif (PlaceKind::Within === $place->kind) {
                    $within[(string) $place->id][] = $id;
                }
            }
        }
        foreach ($within as $arrangement => $parts) {
            foreach ($parts as $part) {
                $worn[$part] = ($worn[$part] ?? []) + array_map(static fn(): int => 0, $worn[$arrangement] ?? []);
            }
        }

        return $worn;
    }

    private function refuseOpenTasks(Swap $swap): void
    {
        $open = array_filter(
            $this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap], ['ordinal' => 'ASC']),
            static fn(SheetTask $task): bool => !$task->isDone(),
        );
        if ([] !== $open) {
            $first = reset($open);
            throw new Conflict(sprintf(
                '%d %s of the day sheet %s still open, first “%s: %s”. Tick them, or close and leave things as they stand.',
                \count($open),
                1 === \count($open) ? 'task' : 'tasks',
                1 === \count($open) ? 'is' : 'are',
                $first->task()->phase->value,
                $first->task()->title,
            ));
        }
        $moves = \count($this->differences->of($swap, $this->plans->of($swap)->plan)->moves);
        if ($moves > 0) {
            throw new Conflict(sprintf(
                'The plan still wants %d %s moved, and no open task does it. Work the day sheet out again, or close and leave things as they stand.',
                $moves,
                1 === $moves ? 'piece' : 'pieces',
            ));
        }
    }
}
