<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** What nobody said of a piece when it was taken in, so that the usual of its kind stands in its place until somebody looks. */
enum Assumed: string
{
    case Size = 'size';
    case Colour = 'colour';
    /** One, of a thing that was said in the plural. */
    case Count = 'count';
}
