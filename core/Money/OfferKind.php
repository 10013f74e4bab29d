<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

enum OfferKind: string
{
    case None = 'none';
    case Percent = 'percent';
    case Fixed = 'fixed';
    case Deal = 'deal';
}
