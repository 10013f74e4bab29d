<?php

declare(strict_types=1);

namespace App\UseCase\Rooms;

use App\Entity\Need;
use App\Entity\Swap;
use App\Repository\HouseRepository;
use App\Repository\PlacementRepository;
use App\UseCase\Plan\SwapReader;
use App\View\Rooms\RoomsView;
use App\View\Rooms\SpotStateView;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use Doctrine\ORM\EntityManagerInterface;

/** All spots with how far each is. */
final readonly class ReadRooms
{
    public function __construct(private SwapReader $read, private HouseRepository $house, private PlacementRepository $placements, private EntityManagerInterface $entities) {}

    public function __invoke(Swap $swap): RoomsView
    {
        $state = ($this->read)($swap);
        $by = $state->judgement();
        $coach = new Coach();
        $placed = $needs = [];
        foreach ($this->placements->ofSwap($swap) as $placement) {
            $entry = $state->catalogue[$placement->piece()->id()] ?? null;
            if (null !== $entry) {
                $placed[$placement->spot()->id()][] = new PlacedPiece($placement->id(), $entry->piece, $placement->count(), $placement->left(), $placement->layer(), $placement->raise());
            }
        }
        foreach ($this->entities->getRepository(Need::class)->findBy(['swap' => $swap, 'removedAt' => null, 'filledBy' => null]) as $need) {
            $needs[$need->spot()->id()] = ($needs[$need->spot()->id()] ?? 0) + 1;
        }
        $views = [];
        foreach ($this->house->spots($swap->home()) as $spot) {
            $here = $placed[$spot->id()] ?? [];
            $findings = $coach->lookOver(new Dressing($spot->measures(), $here), $by);
            $good = \count(array_filter($findings, static fn(Finding $finding): bool => Verdict::Good === $finding->verdict));
            $views[] = [$spot->focalRank(), new SpotStateView($spot->id(), \count($here), $good, \count($findings), $needs[$spot->id()] ?? 0)];
        }
        usort($views, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return new RoomsView(array_column($views, 1));
    }
}
