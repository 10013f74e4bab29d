<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Swap;
use App\UseCase\Look\FollowThread;
use App\View\Look\ThreadView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class FollowThreadController
{
    public function __construct(private FollowThread $follow) {}

    #[Route('/api/homes/{home}/swaps/{swap}/thread', methods: ['GET'])]
    public function __invoke(Swap $swap): ThreadView
    {
        return ($this->follow)($swap);
    }
}
