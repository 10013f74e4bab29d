<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Person;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Plan\PlanChange;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Stance;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Stands units of a piece on a spot of the plan. */
#[AsController]
final readonly class PlacePiece
{
    public function __construct(private Plans $plans, private Dressings $dressings, private HouseRepository $house, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] PlacementInput $input, #[CurrentUser] Person $by): DressingAnswer
    {
        $state = $this->plans->ofPlanned($swap, [$input->piece]);
        $spot = $this->house->spot($swap->home(), $input->spot) ?? throw InvalidInput::at('spot', 'That spot is not there any more.');
        $piece = $state->plan->stock[$input->piece] ?? throw InvalidInput::at('piece', 'That piece is not in the cupboard any more.');
        $fields = new Fields();
        $school = $spot->taste()->school ?? $state->look->balance;
        $where = $fields->read('at', static fn(): Stance|PlaceSought => $input->where($swap->home()->lengths(), $school), new PlaceSought());
        $change = $fields->read(
            'count',
            static fn(): PlanChange => $state->plan->place(
                (string) new Ulid(),
                $input->piece,
                $spot->measures(),
                $input->count,
                $where,
            ),
            new PlanChange(),
        );
        $fields->complete();
        $after = $this->plans->store($state, $change, $by->name());
        $this->journal->say(sprintf(
            '%s %s %s',
            1 === $input->count ? $piece->name : $input->count . ' of ' . $piece->name,
            self::does(($change->stood[0] ?? null)?->stance->posture, 1 === $input->count),
            $spot->name(),
        ));

        return $this->dressings->answer($after, $spot);
    }

    /** "hangs at", "lie on": how it is put, as a person says it. */
    private static function does(?Posture $posture, bool $isOne): string
    {
        [$verb, $where] = match ($posture) {
            Posture::Hangs => ['hang', 'at'],
            Posture::Leans => ['lean', 'on'],
            Posture::Lies => ['lie', 'on'],
            Posture::Sits => ['sit', 'on'],
            Posture::Drapes => ['drape', 'over'],
            Posture::Trims => ['go', 'onto'],
            Posture::Fills => ['go', 'into what stands on'],
            default => ['stand', 'on'],
        };

        return ($isOne ? ('go' === $verb ? 'goes' : $verb . 's') : $verb) . ' ' . $where;
    }
}
