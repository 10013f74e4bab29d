<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Swap;
use BrightCupboard\Core\Stock\Season;

final readonly class SwapAnswer
{
    private function __construct(
        public string $id,
        public string $name,
        public Season $season,
        public string $swapDay,
        public ?string $dressBy,
        public ?string $strikeOn,
        public ?int $budget,
        public int $giftCard,
        public ?string $from,
        public string $look,
        public int $people,
        public ?string $closedAt,
        public ?string $sheetBuiltAt,
        public int $version,
    ) {}

    public static function of(Swap $swap): self
    {
        return new self(
            $swap->id(),
            $swap->name(),
            $swap->season(),
            $swap->swapDay()->format('Y-m-d'),
            $swap->dressBy()?->format('Y-m-d'),
            $swap->strikeOn()?->format('Y-m-d'),
            $swap->budget()?->minor,
            $swap->giftCard()->minor,
            $swap->from()?->name(),
            $swap->look()->id(),
            $swap->working()->people(),
            $swap->closedAt()?->format(\DATE_ATOM),
            $swap->working()->sheetBuiltAt()?->format(\DATE_ATOM),
            $swap->version(),
        );
    }
}
