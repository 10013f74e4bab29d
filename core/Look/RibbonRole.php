<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** What a colour does in a look. */
enum RibbonRole: string
{
    case Base = 'base';
    case Second = 'second';
    case Accent = 'accent';
    case Dark = 'dark';
    case Metal = 'metal';
}
