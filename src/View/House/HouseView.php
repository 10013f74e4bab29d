<?php

declare(strict_types=1);

namespace App\View\House;

use App\View\Home\HomeView;
use App\View\Look\LookView;
use App\View\Plan\SwapView;

/** Everything of a home that is small and needed everywhere: rooms, spots, totes, looks, swaps. */
final readonly class HouseView
{
    /**
     * @param list<RoomView> $rooms
     * @param list<SpotView> $spots
     * @param list<ToteView> $totes
     * @param list<LookView> $looks
     * @param list<SwapView> $swaps newest first
     */
    public function __construct(public HomeView $home, public array $rooms, public array $spots, public array $totes, public array $looks, public array $swaps) {}
}
