<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** What is written into a field of a sum. */
enum AskKind: string
{
    case Length = 'length';
    case Weight = 'weight';
    case Volume = 'volume';
    case Money = 'money';
    case Offer = 'offer';
    /** A whole number. */
    case Count = 'count';
    case Number = 'number';
    case Percent = 'percent';
    case Choice = 'choice';
    case Yes = 'yes';
}
