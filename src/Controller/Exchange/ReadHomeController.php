<?php

declare(strict_types=1);

namespace App\Controller\Exchange;

use App\Entity\Person;
use App\Http\Body;
use App\Input\DocumentInput;
use App\UseCase\Exchange\ReadHome;
use App\View\Home\HomeView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class ReadHomeController
{
    public function __construct(private ReadHome $read) {}

    #[Route('/api/home-documents', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(#[CurrentUser] Person $person, #[Body] DocumentInput $input): HomeView
    {
        return ($this->read)($input->document, $person);
    }
}
