<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** What a mark of a picture stands for; how each looks is the page's. */
enum MarkRole: string
{
    case Surface = 'surface';
    case Outline = 'outline';
    case Garland = 'garland';
    case Tree = 'tree';
    /** What is not owned yet. */
    case Ghost = 'ghost';
    case Beads = 'beads';
    case Join = 'join';
    case Hook = 'hook';
    case Light = 'light';
    case Plug = 'plug';
    case End = 'end';
    case Ribbon = 'ribbon';
    case Bow = 'bow';
    case Rest = 'rest';
    case Seat = 'seat';
    case Setting = 'setting';
    case Centre = 'centre';
    case Cloth = 'cloth';
    case Stem = 'stem';
    case Fill = 'fill';
    case Base = 'base';
    case Ball = 'ball';
    case Cushion = 'cushion';
    case Hung = 'hung';
    case Level = 'level';
    case Load = 'load';
    case Limit = 'limit';
}
