<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** What about a piece can hurt someone or be hurt; each brings a caution to the day sheet. */
enum Hazard: string
{
    case OpenFlame = 'open flame';
    case Breakable = 'breakable';
    case SmallParts = 'small parts';
    case ButtonCells = 'button cells';
    case ToxicToPets = 'toxic to pets';
    case Mains = 'mains cord';
    case NeedsLadder = 'needs a ladder';
}
