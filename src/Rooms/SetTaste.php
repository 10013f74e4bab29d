<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Taste;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Says by which school and mood a spot is judged, and which findings are left as they are; what is unsafe cannot be left so. */
#[AsController]
final readonly class SetTaste
{
    public function __construct(private Plans $plans, private Dressings $dressings, private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/taste', methods: ['PUT'])]
    public function __invoke(Swap $swap, Spot $spot, #[Body] TasteInput $input): DressingAnswer
    {
        foreach ($input->overruled as $check) {
            if (!$check->isTaste()) {
                throw InvalidInput::at('overruled', sprintf('“%s” is no matter of taste and stays.', CoachWords::title($check)));
            }
        }
        $added = array_values(array_filter($input->overruled, static fn(Check $check): bool => !\in_array($check, $spot->taste()->overruled, true)));
        TasteOfLook::require($swap->look()->look(), $input->ribbons);
        $hasNewColours = $input->ribbons !== $spot->taste()->ribbons;
        $spot->judgeBy(new Taste($input->school, $input->mood, $input->overruled, $input->ribbons));
        $this->journal->say(match (true) {
            [] !== $added => sprintf('%s: “%s” is left as it is', $spot->name(), CoachWords::title($added[0])),
            $hasNewColours && [] !== $input->ribbons => sprintf('%s is meant for %s', implode(', ', $input->ribbons), $spot->name()),
            default => sprintf('%s is judged anew', $spot->name()),
        });
        $this->entities->flush();

        return $this->dressings->answer($this->plans->ofPlanned($swap), $spot);
    }
}
