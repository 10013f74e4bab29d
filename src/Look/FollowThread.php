<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Swap;
use App\Repository\HouseRepository;
use App\Swaps\Plans;
use App\Swaps\SwapState;
use BrightCupboard\Core\Coach\Surroundings;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonShares;
use BrightCupboard\Core\Look\RoomDressed;
use BrightCupboard\Core\Look\RoomThread;
use BrightCupboard\Core\Look\Thread;
use BrightCupboard\Core\Plan\Choice;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The look followed through the rooms of the plan, with owned pieces that would mend where it breaks. */
#[AsController]
final readonly class FollowThread
{
    private const MENDERS = 4;

    public function __construct(private Plans $plans, private HouseRepository $house) {}

    #[Route('/api/homes/{home}/swaps/{swap}/thread', methods: ['GET'])]
    public function __invoke(Swap $swap): ThreadAnswer
    {
        $state = $this->plans->of($swap);
        $thread = new Thread($state->look, $state->meter);
        $rooms = array_map($thread->through(...), $this->rooms($state));
        $menders = $this->menders($state, $thread);
        $everything = [];
        foreach ($state->plan->placed as $piece => $spots) {
            if (isset($state->catalogue[$piece])) {
                $everything[] = [$state->catalogue[$piece]->piece, array_sum($spots)];
            }
        }

        $shares = (new RibbonShares($state->look, $state->meter))->of($everything);

        return new ThreadAnswer($shares, array_map(fn(RoomThread $room): RoomThreadAnswer => new RoomThreadAnswer(
            $room->room,
            $room->shares,
            array_map(
                static fn(int $ribbon): MissingRibbonAnswer => new MissingRibbonAnswer($ribbon, \array_slice($menders[$ribbon] ?? [], 0, self::MENDERS)),
                $room->missing,
            ),
            array_map(static fn(array $one): LonelyAccentAnswer => new LonelyAccentAnswer($one['spot'], $one['ribbon']), $room->lonely),
            $room->isBare,
            array_map(fn(array $one): OwedRibbonAnswer => new OwedRibbonAnswer(
                $one['spot'],
                $one['ribbon'],
                \array_slice($this->goingTo($state, $one['spot'], $menders[$one['ribbon']] ?? []), 0, self::MENDERS),
            ), $room->owed),
            $room->without,
        ), $rooms));
    }

    /** @return list<RoomDressed> on the walk through the house */
    private function rooms(SwapState $state): array
    {
        $standing = [];
        foreach ($state->plan->placed as $piece => $spots) {
            foreach ($spots as $spot => $units) {
                if (isset($state->catalogue[$piece])) {
                    $standing[$spot][] = [$state->catalogue[$piece]->piece, $units];
                }
            }
        }
        $rooms = $meant = [];
        $ribbons = array_flip(array_map(static fn(Ribbon $ribbon): string => $ribbon->name, $state->look->ribbons));
        foreach ($this->house->spots($state->swap->home()) as $spot) {
            $rooms[$spot->room()->id()][$spot->id()] = $standing[$spot->id()] ?? [];
            $meant[$spot->room()->id()][$spot->id()] = array_values(array_intersect_key($ribbons, array_flip($spot->taste()->ribbons)));
        }

        return array_map(
            static fn(string $room, array $spots): RoomDressed => new RoomDressed($room, $spots, array_filter($meant[$room] ?? [])),
            array_keys($rooms),
            array_values($rooms),
        );
    }

    /** @return array<int, list<string>> ribbon => ids of free pieces in the look that carry it, best first */
    private function menders(SwapState $state, Thread $thread): array
    {
        $found = [];
        foreach ($state->catalogue as $id => $entry) {
            $fit = $state->meter->fit($entry->piece);
            $isFree = $state->plan->free($id) > 0 && !\in_array($state->plan->choice($id), [Choice::Rest, Choice::Part], true);
            if ($isFree && FitVerdict::In === $fit->verdict) {
                foreach (array_keys($state->look->ribbons) as $ribbon) {
                    if ($thread->carries($entry->piece, $ribbon)) {
                        $found[$ribbon][$id] = $fit->score;
                    }
                }
            }
        }

        return array_map(static function (array $scores): array {
            arsort($scores);

            return array_keys($scores);
        }, $found);
    }

    /**
     * @param list<string> $pieces ids
     *
     * @return list<string> those that go to such a spot by their posture and size
     */
    private function goingTo(SwapState $state, string $spot, array $pieces): array
    {
        $surroundings = new Surroundings();
        $measures = $state->plan->spots[$spot];

        return array_values(array_filter($pieces, static fn(string $id): bool => null === $surroundings->sizeObjection($state->plan->stock[$id], $measures)
            && null === $surroundings->objection($state->plan->stock[$id], $measures)));
    }
}
