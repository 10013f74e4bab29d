<?php

declare(strict_types=1);

namespace App\Controller\Exchange;

use App\Entity\Swap;
use App\Http\FileAnswer;
use App\UseCase\Exchange\WriteHaulLines;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class WriteHaulLinesController
{
    public function __construct(private WriteHaulLines $write) {}

    #[Route('/api/homes/{home}/swaps/{swap}/lines.csv', methods: ['GET'])]
    public function __invoke(Swap $swap): FileAnswer
    {
        return new FileAnswer(($this->write)($swap), 'text/csv; charset=utf-8', $swap->name() . ' haul.csv');
    }
}
