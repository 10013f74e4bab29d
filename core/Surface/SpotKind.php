<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

/** One place in a room that gets dressed. */
enum SpotKind: string
{
    case Mantel = 'mantel';
    case Hearth = 'hearth';
    case Console = 'console';
    case LowTable = 'low table';
    case DiningTable = 'dining table';
    case Sideboard = 'sideboard';
    case Shelf = 'shelf';
    case Hutch = 'hutch';
    case WindowSill = 'window sill';
    case Bench = 'bench';
    case Sofa = 'sofa';
    case Bed = 'bed';
    case CounterCorner = 'counter corner';
    case Drinks = 'drinks station';
    case Door = 'door';
    case Wall = 'wall';
    case StairRail = 'stair rail';
    case Floor = 'floor corner';
    case Porch = 'porch';
    case Tree = 'tree';
}
