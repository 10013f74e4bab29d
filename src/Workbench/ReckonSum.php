<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\Role;
use App\Haul\ReadHaul;
use App\Http\Allowed;
use App\Http\Body;
use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Sizing\Sums;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The answer of a sum, live while somebody types; nothing is kept. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReckonSum
{
    public function __construct(private Reckoning $reckoning, private ReadHaul $haul) {}

    #[Route('/api/homes/{home}/sums/{sum}/answer', methods: ['POST'])]
    public function __invoke(Home $home, Sums $sum, #[Body] SumInput $input): ReckonedAnswer
    {
        $swap = $this->reckoning->swap($home, $input->swap);

        return ReckonedAnswer::of($sum, $this->reckoning->answer($home, $sum, $input), new SumWords($home), null === $swap ? null : $this->haul->purse($swap));
    }
}
