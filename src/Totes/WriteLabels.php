<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Http\FileAnswer;
use App\Labels\LabelPrinter;
use App\Repository\HouseRepository;
use App\WorkedOut\WorkedOut;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The labels of all totes, to be printed. */
#[AsController]
final readonly class WriteLabels
{
    public function __construct(private MakeLabels $labels, private LabelPrinter $printer, private HouseRepository $house, private WorkedOut $workedOut) {}

    #[Route('/api/homes/{home}/labels', methods: ['GET'])]
    public function __invoke(Home $home, Request $request): FileAnswer
    {
        $labels = ($this->labels)($home, $this->house->totes($home), $request->getSchemeAndHttpHost());
        $pdf = $this->workedOut->get('labels ' . $home->id(), $labels, fn(): string => $this->printer->pdf($labels));

        return FileAnswer::shown($pdf, 'application/pdf', $home->name() . ' labels.pdf');
    }
}
