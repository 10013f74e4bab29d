<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Storage\ToteCheck;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadToteFills
{
    public function __construct(private HouseRepository $house, private ToteContents $contents) {}

    #[Route('/api/homes/{home}/tote-fills', methods: ['GET'])]
    public function __invoke(Home $home): ToteFillsAnswer
    {
        $check = new ToteCheck($home->weights());
        $contents = $this->contents->ofHome($home);
        $fills = [];
        foreach ($this->house->totes($home) as $tote) {
            [$stored, $content] = [$tote->stored(), $contents[$tote->id()] ?? []];
            $fills[] = new ToteFillAnswer(
                $tote->id(),
                round($check->fill($stored, $content), 3),
                $check->grams($content),
                \count($content),
                \count($check->findings($stored, $content)),
            );
        }

        return new ToteFillsAnswer($fills);
    }
}
