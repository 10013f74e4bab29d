<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use App\Swaps\Plans;
use BrightCupboard\Core\Draft\Rearranged;
use BrightCupboard\Core\Draft\Rearranging;
use BrightCupboard\Core\Look\BalanceSchool;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps another version of a spot: as it stands, worked out anew by a school, or made for another spot. */
#[AsController]
final readonly class KeepVersion
{
    public function __construct(
        private Plans $plans,
        private SpotVersions $versions,
        private VersionReadings $readings,
        private HouseRepository $house,
        private EntityManagerInterface $entities,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/versions', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, Spot $spot, #[Body] VersionInput $input): VersionsAnswer
    {
        $state = $this->plans->of($swap);
        $dressing = $state->plan->dressing($spot->measures());
        if ([] === $dressing->placed) {
            throw InvalidInput::at('from', sprintf('%s is bare: there is nothing yet to keep a version of.', $spot->name()));
        }
        $target = null === $input->onto
            ? $spot
            : ($this->house->spot($swap->home(), $input->onto) ?? throw InvalidInput::at('onto', 'That spot is not there any more.'));
        $rearranging = new Rearranging();
        $made = match (true) {
            $target !== $spot => $rearranging->onto($dressing, $target->measures(), $target->taste()->school ?? $state->look->balance),
            VersionFrom::Centred === $input->from => $rearranging->by($dressing, BalanceSchool::Centred),
            VersionFrom::OffCentre === $input->from => $rearranging->by($dressing, BalanceSchool::OffCentre),
            default => new Rearranged($dressing, []),
        };
        if ([] === $made->dressing->placed) {
            throw InvalidInput::at('onto', sprintf('%s takes nothing of what stands on %s.', $target->name(), $spot->name()));
        }
        $version = $this->versions->add($swap, $target, SpotVersions::placesOf($made->dressing));
        $this->journal->say(sprintf('Version %s of %s is kept', $version->label(), $target->name()));
        $this->entities->flush();

        return $this->readings->answer($state, $target, $made->leftOut);
    }
}
