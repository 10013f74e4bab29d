<?php

declare(strict_types=1);

namespace App\UseCase\Storage;

use App\Entity\Home;
use App\Repository\HouseRepository;
use App\View\House\ToteFillsView;
use App\View\House\ToteFillView;
use BrightCupboard\Core\Storage\ToteCheck;

final readonly class ReadToteFills
{
    public function __construct(private HouseRepository $house, private ToteContents $contents) {}

    public function __invoke(Home $home): ToteFillsView
    {
        $check = new ToteCheck($home->weights());
        $contents = $this->contents->ofHome($home);
        $fills = [];
        foreach ($this->house->totes($home) as $tote) {
            [$stored, $content] = [$tote->stored(), $contents[$tote->id()] ?? []];
            $fills[] = new ToteFillView($tote->id(), round($check->fill($stored, $content), 3), $check->grams($content), \count($content), \count($check->findings($stored, $content)));
        }

        return new ToteFillsView($fills);
    }
}
