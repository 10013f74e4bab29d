<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/** Two schools: gift and gift-card money is kept apart from the season's budget, or counts against it. */
enum GiftMoney: string
{
    case Apart = 'apart';
    case CountsAgainstBudget = 'counts';
}
