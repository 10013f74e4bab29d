<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Role;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\LineInput;
use App\UseCase\Haul\PreviewLine;
use App\View\Haul\LinePreviewView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class PreviewLineController
{
    public function __construct(private PreviewLine $preview) {}

    #[Route('/api/homes/{home}/swaps/{swap}/line-preview', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] LineInput $input, #[MapQueryParameter] ?string $instead = null): LinePreviewView
    {
        return ($this->preview)($swap, $input, $instead);
    }
}
