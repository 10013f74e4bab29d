<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Person;
use App\Entity\SpotVersion;
use App\Entity\Swap;
use App\Http\Body;
use App\Journal\Journal;
use App\Swaps\Plans;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Plan\Redressing;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Makes a version the plan of its spot; what stood there is kept in its stead, so that nothing is lost by looking. */
#[AsController]
final readonly class ChooseVersion
{
    public function __construct(private Plans $plans, private Dressings $dressings, private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/versions/{version}/choice', methods: ['POST'])]
    public function __invoke(Swap $swap, SpotVersion $version, #[Body] ChooseVersionInput $input, #[CurrentUser] Person $by): DressingAnswer
    {
        $state = $this->plans->ofPlanned($swap, array_map(static fn(PlannedPlace $place): string => $place->pieceId, $version->places()));
        $spot = $version->spot();
        $before = $state->plan->at($spot->id());
        $redressing = new Redressing($state->plan);
        $newId = static fn(): string => (string) new Ulid();
        $change = $input->brings
            ? $redressing->bringing($spot->measures(), $version->places(), $newId)
            : $redressing->asVersion($spot->measures(), $version->places(), $newId);
        if ([] === $before) {
            $this->entities->remove($version);
        } else {
            $version->keep($before);
        }
        $this->journal->say(sprintf('%s is dressed as its version %s', $spot->name(), $version->label()));
        $after = $this->plans->store($state, $change, $by->name());
        $this->entities->flush();

        return $this->dressings->answer($after, $spot);
    }
}
