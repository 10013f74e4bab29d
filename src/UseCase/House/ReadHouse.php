<?php

declare(strict_types=1);

namespace App\UseCase\House;

use App\Entity\Home;
use App\Repository\HouseRepository;
use App\View\Home\HomeView;
use App\View\House\HouseView;
use App\View\House\RoomView;
use App\View\House\SpotView;
use App\View\House\ToteView;
use App\View\Look\LookView;
use App\View\Plan\SwapView;

final readonly class ReadHouse
{
    public function __construct(private HouseRepository $house) {}

    public function __invoke(Home $home): HouseView
    {
        return new HouseView(
            HomeView::of($home),
            array_map(RoomView::of(...), $this->house->rooms($home)),
            array_map(SpotView::of(...), $this->house->spots($home)),
            array_map(ToteView::of(...), $this->house->totes($home)),
            array_map(LookView::of(...), $this->house->looks($home)),
            array_map(SwapView::of(...), $this->house->swaps($home)),
        );
    }
}
