<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Http\FileAnswer;
use App\Labels\LabelPrinter;
use App\Repository\HouseRepository;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The labels of all totes, to be printed. */
#[AsController]
final readonly class WriteLabels
{
    public function __construct(private MakeLabels $labels, private LabelPrinter $printer, private HouseRepository $house) {}

    #[Route('/api/homes/{home}/labels', methods: ['GET'])]
    public function __invoke(Home $home, Request $request): FileAnswer
    {
        return FileAnswer::shown(
            $this->printer->pdf(($this->labels)($home, $this->house->totes($home), $request->getSchemeAndHttpHost())),
            'application/pdf',
            $home->name() . ' labels.pdf',
        );
    }
}
