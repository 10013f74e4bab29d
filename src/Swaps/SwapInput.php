<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Http\Day;
use App\Http\Name;
use BrightCupboard\Core\Stock\Season;

/**
 * A swap; money as people write it, empty where nothing is set. $strikeOn is the day it is struck, empty when
 * nobody has said; $look is the look to copy when the swap is begun, empty when none is chosen yet.
 */
final readonly class SwapInput
{
    public function __construct(
        #[Name]
        public string $name,
        public Season $season,
        #[Day]
        public string $swapDay,
        public string $budget,
        public string $giftCard,
        public string $look,
        public string $strikeOn = '',
        public ?int $version = null,
    ) {}
}
