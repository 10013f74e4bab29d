<?php

declare(strict_types=1);

namespace App\Controller\Exchange;

use App\Entity\Home;
use App\Http\FileAnswer;
use App\UseCase\Exchange\WriteTotes;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class WriteTotesController
{
    public function __construct(private WriteTotes $write) {}

    #[Route('/api/homes/{home}/totes.csv', methods: ['GET'])]
    public function __invoke(Home $home): FileAnswer
    {
        return new FileAnswer(($this->write)($home), 'text/csv; charset=utf-8', $home->name() . ' totes.csv');
    }
}
