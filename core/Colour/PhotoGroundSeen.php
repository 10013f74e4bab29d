<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** What became of the ground of a photo. */
enum PhotoGroundSeen: string
{
    /** Nothing was left out: nobody asked, or no colour rules the border. */
    case None = 'none';
    case LeftOut = 'left out';
    /** The picture is see-through around the thing. */
    case Transparent = 'transparent';
    /** Little is left beside the ground: the thing may have its colour. */
    case Nearly = 'nearly all';
    /** The ground is all there is to see. */
    case All = 'all';
}
