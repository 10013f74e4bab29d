<?php

declare(strict_types=1);

namespace App\Controller\Intake;

use App\Entity\Home;
use App\Http\Body;
use App\Input\TableInput;
use App\UseCase\Intake\ReadTableFile;
use App\View\Intake\TableReadView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadTableFileController
{
    public function __construct(private ReadTableFile $read) {}

    #[Route('/api/homes/{home}/tables', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] TableInput $input): TableReadView
    {
        return ($this->read)($home, $input);
    }
}
