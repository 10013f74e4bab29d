<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Home;
use App\Homes\HomeAnswer;
use App\Look\LookAnswer;
use App\Repository\HouseRepository;
use App\Swaps\SwapAnswer;
use App\Totes\ToteAnswer;
use App\Workbench\KeptSums;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\SpotKind;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadHouse
{
    public function __construct(private HouseRepository $house, private KeptSums $sums) {}

    #[Route('/api/homes/{home}/house', methods: ['GET'])]
    public function __invoke(Home $home): HouseAnswer
    {
        return new HouseAnswer(
            HomeAnswer::of($home),
            array_map(RoomAnswer::of(...), $this->house->rooms($home)),
            array_map(SpotAnswer::of(...), $this->house->spots($home)),
            array_map(ToteAnswer::of(...), $this->house->totes($home)),
            array_map(LookAnswer::of(...), $this->house->looks($home)),
            array_map(SwapAnswer::of(...), $this->house->swaps($home)),
            array_map(KindAnswer::of(...), PieceKind::cases()),
            array_map(KindOfSpotAnswer::of(...), SpotKind::cases()),
            $this->sums->count($home),
        );
    }
}
