<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/** What a line is paid with: the season's budget, or a gift card kept apart from it. */
enum Tender: string
{
    case Purse = 'purse';
    case GiftCard = 'gift card';
}
