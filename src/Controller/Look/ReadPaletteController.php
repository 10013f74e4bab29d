<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\PaletteInput;
use App\UseCase\Look\ReadPalette;
use App\View\Look\PaletteView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadPaletteController
{
    public function __construct(private ReadPalette $read) {}

    #[Route('/api/homes/{home}/colours/palette', methods: ['POST'])]
    public function __invoke(#[Body] PaletteInput $input): PaletteView
    {
        return ($this->read)($input);
    }
}
