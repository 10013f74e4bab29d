<?php

declare(strict_types=1);

namespace App\Controller\Storage;

use App\Entity\Tote;
use App\UseCase\Storage\ReadTote;
use App\View\House\ToteContentsView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadToteController
{
    public function __construct(private ReadTote $read) {}

    #[Route('/api/homes/{home}/totes/{tote}/contents', methods: ['GET'])]
    public function __invoke(Tote $tote): ToteContentsView
    {
        return ($this->read)($tote);
    }
}
