<?php

declare(strict_types=1);

namespace App\House;

use App\Homes\HomeAnswer;
use App\Look\LookAnswer;
use App\Swaps\SwapAnswer;
use App\Totes\ToteAnswer;

/** Everything of a home that is small and needed everywhere: rooms, spots, totes, looks, swaps. */
final readonly class HouseAnswer
{
    /**
     * @param list<RoomAnswer> $rooms
     * @param list<SpotAnswer> $spots
     * @param list<ToteAnswer> $totes
     * @param list<LookAnswer> $looks
     * @param list<SwapAnswer> $swaps newest first
     * @param list<KindAnswer> $kinds of pieces
     * @param list<KindOfSpotAnswer> $spotKinds
     * @param int $keptSums on the Workbench
     */
    public function __construct(
        public HomeAnswer $home,
        public array $rooms,
        public array $spots,
        public array $totes,
        public array $looks,
        public array $swaps,
        public array $kinds,
        public array $spotKinds,
        public int $keptSums,
    ) {}
}
