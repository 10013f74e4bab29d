<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Need;
use App\Entity\Person;
use App\Http\Body;
use App\Input\FillNeedInput;
use App\UseCase\Haul\FillNeed;
use App\View\Haul\NeedView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class FillNeedController
{
    public function __construct(private FillNeed $fill) {}

    #[Route('/api/homes/{home}/needs/{need}/piece', methods: ['PUT'])]
    public function __invoke(Need $need, #[CurrentUser] Person $person, #[Body] FillNeedInput $input): NeedView
    {
        return ($this->fill)($need, $input, $person);
    }
}
