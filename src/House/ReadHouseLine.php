<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Home;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Reads a line of a walk through the house without keeping anything. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadHouseLine
{
    public function __construct(private HouseLines $lines) {}

    #[Route('/api/homes/{home}/house/reading', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] HouseLineInput $input): HouseLineAnswer
    {
        return $this->lines->answer(...$this->lines->read($home, $input));
    }
}
