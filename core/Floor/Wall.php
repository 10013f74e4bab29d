<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

/** The four walls of a room as it is drawn from above. */
enum Wall: string
{
    case Far = 'far';
    case Right = 'right';
    case Near = 'near';
    case Left = 'left';
}
