<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Home;
use App\Entity\Person;
use App\Http\Body;
use App\Input\TogetherInput;
use App\UseCase\Cupboard\PutTogether;
use App\View\Cupboard\TogetherView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class PutTogetherController
{
    public function __construct(private PutTogether $together) {}

    #[Route('/api/homes/{home}/arrangements', methods: ['POST'])]
    public function __invoke(Home $home, #[CurrentUser] Person $person, #[Body] TogetherInput $input): TogetherView
    {
        return ($this->together)($home, $input, $person);
    }
}
