<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Http\Name;
use BrightCupboard\Core\Stock\Season;

/**
 * A swap; money as people write it, empty where nothing is set. $dressBy is the day by which it has to stand, $strikeOn the
 * one it is struck, each empty when nobody has said; an empty $swapDay is the latest that is wise before $dressBy; $look is the
 * look to copy when the swap is begun, empty when none is chosen yet.
 */
final readonly class SwapInput
{
    public function __construct(
        #[Name]
        public string $name,
        public Season $season,
        public string $swapDay,
        public string $budget,
        public string $giftCard,
        public string $look,
        public string $strikeOn = '',
        public string $dressBy = '',
        public ?int $version = null,
    ) {}
}
