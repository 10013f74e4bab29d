<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Entity\Swap;
use App\Repository\HouseRepository;
use App\UseCase\Plan\SwapReader;
use App\UseCase\Plan\SwapState;
use App\View\Look\LonelyAccentView;
use App\View\Look\MissingRibbonView;
use App\View\Look\RoomThreadView;
use App\View\Look\ThreadView;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\RibbonShares;
use BrightCupboard\Core\Look\RoomDressed;
use BrightCupboard\Core\Look\RoomThread;
use BrightCupboard\Core\Look\Thread;
use BrightCupboard\Core\Swap\Choice;

/** The look followed through the rooms of the plan, with owned pieces that would mend where it breaks. */
final readonly class FollowThread
{
    private const MENDERS = 4;

    public function __construct(private SwapReader $read, private HouseRepository $house) {}

    public function __invoke(Swap $swap): ThreadView
    {
        $state = ($this->read)($swap);
        $thread = new Thread($state->look, $state->meter);
        $rooms = array_map($thread->through(...), $this->rooms($state));
        $menders = $this->menders($state, $thread);
        $everything = [];
        foreach ($state->placed as $piece => $spots) {
            if (isset($state->catalogue[$piece])) {
                $everything[] = [$state->catalogue[$piece]->piece, array_sum($spots)];
            }
        }

        return new ThreadView((new RibbonShares($state->look, $state->meter))->of($everything), array_map(static fn(RoomThread $room): RoomThreadView => new RoomThreadView(
            $room->room,
            $room->shares,
            array_map(static fn(int $ribbon): MissingRibbonView => new MissingRibbonView($ribbon, $menders[$ribbon] ?? []), $room->missing),
            array_map(static fn(array $one): LonelyAccentView => new LonelyAccentView($one['spot'], $one['ribbon']), $room->lonely),
            $room->isBare,
        ), $rooms));
    }

    /** @return list<RoomDressed> on the walk through the house */
    private function rooms(SwapState $state): array
    {
        $standing = [];
        foreach ($state->placed as $piece => $spots) {
            foreach ($spots as $spot => $units) {
                if (isset($state->catalogue[$piece])) {
                    $standing[$spot][] = [$state->catalogue[$piece]->piece, $units];
                }
            }
        }
        $rooms = [];
        foreach ($this->house->spots($state->swap->home()) as $spot) {
            $rooms[$spot->room()->id()][$spot->id()] = $standing[$spot->id()] ?? [];
        }

        return array_map(static fn(string $room, array $spots): RoomDressed => new RoomDressed($room, $spots), array_keys($rooms), array_values($rooms));
    }

    /** @return array<int, list<string>> ribbon => ids of free pieces in the look that carry it, best first */
    private function menders(SwapState $state, Thread $thread): array
    {
        $found = [];
        foreach ($state->catalogue as $id => $entry) {
            $fit = $state->meter->fit($entry->piece);
            $isFree = $state->free($id) > 0 && !\in_array($state->choice($id), [Choice::Rest, Choice::Part], true);
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

            return \array_slice(array_keys($scores), 0, self::MENDERS);
        }, $found);
    }
}
