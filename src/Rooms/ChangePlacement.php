<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Person;
use App\Entity\Placement;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Http\SameVersion;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Plan\PlanChange;
use BrightCupboard\Core\Surface\Stance;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Changes how a placed piece stands. */
#[AsController]
final readonly class ChangePlacement
{
    public function __construct(private Plans $plans, private Dressings $dressings, private HouseRepository $house, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements/{placement}', methods: ['PUT'])]
    public function __invoke(Swap $swap, Placement $placement, #[Body] PlacementInput $input, #[CurrentUser] Person $by): DressingAnswer
    {
        $state = $this->plans->ofPlanned($swap);
        $spot = $this->house->spot($swap->home(), $input->spot) ?? throw InvalidInput::at('spot', 'That spot is not there any more.');
        $piece = $state->plan->stock[$placement->piece()->id()] ?? throw InvalidInput::at('piece', 'That piece is not in the cupboard any more.');
        if ($input->version !== $placement->version()) {
            SameVersion::check($input->version, $placement->version(), $piece->name, $this->dressings->answer($state, $placement->spot()));
        }
        $fields = new Fields();
        $school = $spot->taste()->school ?? $state->look->balance;
        $where = $fields->read('at', static fn(): Stance|PlaceSought => $input->where($swap->home()->lengths(), $school), new PlaceSought());
        $change = $fields->read(
            'count',
            static fn(): PlanChange => $state->plan->move(
                $placement->id(),
                $spot->measures(),
                $input->count,
                $where,
            ),
            new PlanChange(),
        );
        $fields->complete();
        $after = $this->plans->store($state, $change, $by->name());
        $this->journal->say(sprintf('%s is moved on %s', $piece->name, $spot->name()));

        return $this->dressings->answer($after, $spot);
    }
}
