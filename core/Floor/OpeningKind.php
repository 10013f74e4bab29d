<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

/** What is in a wall and matters to the floor. */
enum OpeningKind: string
{
    case Door = 'door';
    case Window = 'window';
    case Outlet = 'outlet';
}
