<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Entity\Tote;
use App\Http\FileAnswer;
use App\Labels\LabelPrinter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** The label of one tote, as SVG or PDF. */
#[AsController]
final readonly class WriteLabel
{
    public function __construct(private MakeLabels $labels, private LabelPrinter $printer) {}

    #[Route('/api/homes/{home}/totes/{tote}/label', methods: ['GET'])]
    public function __invoke(Home $home, Tote $tote, Request $request, #[MapQueryParameter] string $as = 'svg'): FileAnswer
    {
        $labels = ($this->labels)($home, [$tote], $request->getSchemeAndHttpHost());

        return 'pdf' === $as
            ? FileAnswer::shown($this->printer->pdf($labels), 'application/pdf', $tote->code() . '.pdf')
            : FileAnswer::shown($this->printer->svg($labels[0]), 'image/svg+xml', $tote->code() . '.svg');
    }
}
