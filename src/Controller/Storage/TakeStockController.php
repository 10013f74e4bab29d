<?php

declare(strict_types=1);

namespace App\Controller\Storage;

use App\Entity\Person;
use App\Entity\Tote;
use App\Http\Body;
use App\Input\StockTakeInput;
use App\UseCase\Storage\TakeStock;
use App\View\House\StockTakeView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class TakeStockController
{
    public function __construct(private TakeStock $take) {}

    #[Route('/api/homes/{home}/totes/{tote}/stock-take', methods: ['POST'])]
    public function __invoke(Tote $tote, #[CurrentUser] Person $person, #[Body] StockTakeInput $input): StockTakeView
    {
        return ($this->take)($tote, $input, $person);
    }
}
