<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

enum Verdict: string
{
    case Good = 'good';
    case LookAgain = 'look again';
    case Fix = 'fix';
}
