<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\Role;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Body;
use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\PurseLine;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** The price of a line before it is written down, and what the purse would say. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class PreviewLine
{
    public function __construct(private ReadHaul $haul) {}

    #[Route('/api/homes/{home}/swaps/{swap}/line-preview', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] LineInput $input, #[MapQueryParameter] ?string $instead = null): LinePreviewAnswer
    {
        [, $packPrice, $offer] = (new LineReader($swap->home()))->read($input);
        $price = new LinePrice($packPrice, $offer, $input->packSize, $input->needed);
        $purse = $this->haul->purse($swap, new PurseLine('tried', $input->name, $price->total, LineState::Wanted, $input->tender), $instead);

        return new LinePreviewAnswer($price->packs, $price->spare, $price->list->minor, $price->total->minor, $price->perPiece->minor, PurseAnswer::of($purse));
    }
}
