<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** How a surface looks, apart from its colour; a look may let one rest. */
enum Finish: string
{
    case Plain = 'plain';
    case Matt = 'matt';
    case Glazed = 'glazed';
    case Drip = 'drip glaze';
    case Metal = 'metal';
    case Glass = 'clear';
    case Woven = 'woven';
    case Knit = 'knit';
    case Velvet = 'velvet';
    case Grain = 'wood grain';
    case Glitter = 'glitter';
    case Aged = 'aged';
}
