<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

/** What a spot offers to put things on; it decides how a spot is measured, drawn, dressed and judged. */
enum Form: string
{
    case Ledge = 'ledge';
    /** Ledges one over the other. */
    case Tiers = 'tiers';
    case Table = 'table';
    /** Upright: a wall, a door, a window. */
    case Panel = 'panel';
    /** A line that something is laid along, wound round or hung over: a stair rail, a post, a doorway. */
    case Run = 'run';
    case Seat = 'seat';
    case Floor = 'floor';
    /** A tree, trimmed in bands. */
    case Cone = 'cone';
}
