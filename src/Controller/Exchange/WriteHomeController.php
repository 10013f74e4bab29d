<?php

declare(strict_types=1);

namespace App\Controller\Exchange;

use App\Entity\Home;
use App\Http\FileAnswer;
use App\UseCase\Exchange\WriteHome;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class WriteHomeController
{
    public function __construct(private WriteHome $write) {}

    #[Route('/api/homes/{home}/document', methods: ['GET'])]
    public function __invoke(Home $home): FileAnswer
    {
        return new FileAnswer(($this->write)($home), 'application/json', $home->name() . '.json');
    }
}
