<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** Families of texture, as the trade mixes them: next to something woven, something that reflects. */
enum Texture: string
{
    case Woven = 'woven';
    case Wood = 'wood';
    case Clay = 'clay and stone';
    case Metal = 'metal';
    case Glass = 'glass and mirror';
    case Greenery = 'greenery';
    case Dried = 'dried';
    case Textile = 'textile';
    case Paper = 'paper';
    case Wax = 'wax';
}
