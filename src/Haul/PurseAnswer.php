<?php

declare(strict_types=1);

namespace App\Haul;

use BrightCupboard\Core\Money\Purse;
use BrightCupboard\Core\Money\PurseLine;
use BrightCupboard\Core\Money\StayInside;

/** The purse in minor units; $drop names the wanted lines to give up to stay inside, null when even all of them are not enough. */
final readonly class PurseAnswer
{
    /** @param list<string>|null $drop */
    private function __construct(
        public ?int $budget,
        public int $spent,
        public int $committed,
        public int $planned,
        public int $free,
        public int $overrun,
        public int $giftCard,
        public int $cardUsed,
        public int $cardFree,
        public ?array $drop,
    ) {}

    public static function of(Purse $purse): self
    {
        $drop = (new StayInside())->dropped($purse);

        return new self(
            $purse->hasBudget ? $purse->budget->minor : null,
            $purse->spent->minor,
            $purse->committed->minor,
            $purse->planned->minor,
            $purse->free->minor,
            $purse->overrun()->minor,
            $purse->giftCard->minor,
            $purse->cardUsed->minor,
            $purse->cardFree->minor,
            null === $drop ? null : array_map(static fn(PurseLine $line): string => $line->name, $drop),
        );
    }
}
