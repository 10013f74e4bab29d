<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Look;
use App\Http\Body;
use App\Input\LookInput;
use App\UseCase\Look\ChangeLook;
use App\View\Look\LookView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeLookController
{
    public function __construct(private ChangeLook $change) {}

    #[Route('/api/homes/{home}/looks/{look}', methods: ['PUT'])]
    public function __invoke(Look $look, #[Body] LookInput $input): LookView
    {
        return ($this->change)($look, $input);
    }
}
