<?php

declare(strict_types=1);

namespace App\Day;

use App\Damage\ReadDamage;
use App\Entity\FoundDamage;
use App\Entity\Need;
use App\Entity\Note;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Repository\HouseRepository;
use App\Rooms\CoachWords;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\SecondLook;
use Doctrine\ORM\EntityManagerInterface;

/** The short list of a second look: per dressed spot what the coach still says, what is still wanted, what was noted and what is damaged. */
final readonly class LooksAgain
{
    public function __construct(private Plans $plans, private HouseRepository $house, private EntityManagerInterface $entities, private ReadDamage $damage) {}

    /** @return list<DayTask> none on a day that is no second look */
    public function tasks(Swap $swap, ?WorkDay $day): array
    {
        if (true !== $day?->isLook()) {
            return [];
        }
        $state = $this->plans->of($swap);
        $words = new CoachWords($swap->home()->lengths());
        [$coach, $look, $tasks] = [new Coach(), new SecondLook(), []];
        $spots = $this->house->spots($swap->home());
        usort($spots, static fn(Spot $a, Spot $b): int => [$a->room()->round(), $a->focalRank()] <=> [$b->room()->round(), $b->focalRank()]);
        foreach ($spots as $spot) {
            $dressing = $state->plan->dressing($spot->measures());
            if ([] === $dressing->placed) {
                continue;
            }
            $open = array_filter($coach->lookOver($dressing, $state->judgement()->at($spot->taste())), static fn(Finding $finding): bool => $finding->isOpen());
            $points = array_map(
                static fn(Finding $finding): string => CoachWords::title($finding->check) . ': ' . ('' === $words->reason($finding)
                    ? $words->figure($finding)
                    : $words->reason($finding)),
                array_values($open),
            );
            $pieces = array_map(static fn($placed): string => $placed->piece->id, $dressing->placed);
            $tasks[] = $look->task(
                $spot->measures(),
                $spot->room()->name(),
                [...$points, ...$this->wanted($swap, $spot), ...$this->damaged($swap, $pieces), ...$this->noted($swap, $spot)],
            );
        }

        return $tasks;
    }

    /** @return list<string> */
    private function wanted(Swap $swap, Spot $spot): array
    {
        $needs = $this->entities->getRepository(Need::class)->findBy(['swap' => $swap, 'spot' => $spot, 'removedAt' => null, 'filledBy' => null]);

        return array_map(static fn(Need $need): string => 'Still wanted: ' . $need->text(), array_values($needs));
    }

    /**
     * @param list<string> $pieces ids of those that stand there
     *
     * @return list<string>
     */
    private function damaged(Swap $swap, array $pieces): array
    {
        $found = array_filter($this->damage->ofHome($swap->home()), static fn(FoundDamage $one): bool => \in_array($one->piece()->id(), $pieces, true));

        return array_map(
            static fn(FoundDamage $one): string => sprintf('%s: %d %s', $one->piece()->name(), $one->count(), $one->damage()->value),
            array_values($found),
        );
    }

    /** @return list<string> */
    private function noted(Swap $swap, Spot $spot): array
    {
        $notes = $this->entities->getRepository(Note::class)->findBy(['swap' => $swap, 'spot' => $spot, 'removedAt' => null], ['at' => 'ASC']);

        return array_map(static fn(Note $note): string => 'Noted: ' . mb_strimwidth($note->text(), 0, 160, '…'), array_values($notes));
    }
}
