<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** What a place of storage does to what lies there. */
enum Condition: string
{
    /** An attic in summer, beside a boiler. */
    case Heat = 'heat';
    /** A cellar, a shed. */
    case Damp = 'damp';
    /** An open shelf by a window. */
    case Light = 'light';
}
