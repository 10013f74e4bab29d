<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\CopyLookInput;
use App\UseCase\Plan\CopyLook;
use App\View\Look\LookView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class CopyLookController
{
    public function __construct(private CopyLook $copy) {}

    #[Route('/api/homes/{home}/swaps/{swap}/look', methods: ['PUT'])]
    public function __invoke(Swap $swap, #[Body] CopyLookInput $input): LookView
    {
        return ($this->copy)($swap, $input);
    }
}
