<?php

declare(strict_types=1);

namespace App\UseCase\Haul;

use App\Entity\Swap;
use App\Input\LineInput;
use App\View\Haul\LinePreviewView;
use App\View\Haul\PurseView;
use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\PurseLine;

/** The price of a line before it is written down, and what the purse would say. */
final readonly class PreviewLine
{
    public function __construct(private ReadHaul $haul) {}

    public function __invoke(Swap $swap, LineInput $input, ?string $instead): LinePreviewView
    {
        [, $packPrice, $offer] = (new LineReader($swap->home()))->read($input);
        $price = new LinePrice($packPrice, $offer, $input->packSize, $input->needed);
        $purse = $this->haul->purse($swap, new PurseLine('tried', $input->name, $price->total, LineState::Wanted, $input->tender), $instead);

        return new LinePreviewView($price->packs, $price->spare, $price->list->minor, $price->total->minor, $price->perPiece->minor, PurseView::of($purse));
    }
}
