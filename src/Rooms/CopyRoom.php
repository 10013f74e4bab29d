<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Room;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use App\Swaps\Plans;
use App\Swaps\SwapState;
use BrightCupboard\Core\Draft\Rearranging;
use BrightCupboard\Core\Draft\RoomOnto;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Surface\Spot as SpotMeasures;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps, for the spots of a room, versions made from how another room is dressed; what stands there stays until a version is chosen. */
#[AsController]
final readonly class CopyRoom
{
    public function __construct(
        private Plans $plans,
        private SpotVersions $versions,
        private HouseRepository $house,
        private EntityManagerInterface $entities,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/rooms/{room}/copies', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, Room $room, #[Body] CopyRoomInput $input): RoomCopyAnswer
    {
        $state = $this->plans->of($swap);
        $ofRoom = fn(string $id): array => array_values(array_filter(
            $this->house->spots($swap->home()),
            static fn(Spot $spot): bool => $spot->room()->id() === $id,
        ));
        $onto = $ofRoom($input->onto);
        if ([] === $onto || $input->onto === $room->id()) {
            throw InvalidInput::at('onto', 'Choose another room that has spots.');
        }
        $dressed = array_values(array_filter($ofRoom($room->id()), static fn(Spot $spot): bool => [] !== $state->plan->at($spot->id())));
        if ([] === $dressed) {
            throw InvalidInput::at('onto', sprintf('%s is bare: there is nothing yet to copy.', $room->name()));
        }
        $spots = [];
        foreach ($onto as $spot) {
            $spots[$spot->id()] = $spot;
        }
        $measures = static fn(Spot $spot): SpotMeasures => $spot->measures();
        $copied = array_map(
            fn(array $pair): CopiedSpotAnswer => $this->copied($state, $pair[0], null === $pair[1] ? null : $spots[$pair[1]->id]),
            RoomOnto::pairs(array_map($measures, $dressed), array_map($measures, $onto)),
        );
        $this->journal->say(sprintf('%s is dressed like %s, as versions', $onto[0]->room()->name(), $room->name()));
        $this->entities->flush();

        return new RoomCopyAnswer($copied);
    }

    private function copied(SwapState $state, SpotMeasures $from, ?Spot $onto): CopiedSpotAnswer
    {
        $dressing = $state->plan->dressing($from);
        if (null === $onto) {
            return new CopiedSpotAnswer($from->name, null, '', '', []);
        }
        $made = (new Rearranging())->onto($dressing, $onto->measures(), $onto->taste()->school ?? $state->look->balance);
        $leftOut = array_map(static fn(Piece $piece): string => $piece->name, $made->leftOut);
        if ([] === $made->dressing->placed) {
            return new CopiedSpotAnswer($from->name, null, $onto->name(), '', $leftOut);
        }
        $version = $this->versions->add($state->swap, $onto, SpotVersions::placesOf($made->dressing));

        return new CopiedSpotAnswer($from->name, $onto->id(), $onto->name(), $version->label(), $leftOut);
    }
}
