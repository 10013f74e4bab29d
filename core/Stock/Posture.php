<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** How a thing is put where it is seen. */
enum Posture: string
{
    case Stands = 'stands';
    case Leans = 'leans';
    case Hangs = 'hangs';
    /** Flat under others: a runner, a tray, a mat. */
    case Lies = 'lies';
    /** Over an edge or along a run: a throw, a garland. */
    case Drapes = 'drapes';
    /** On a seat or a bed. */
    case Sits = 'sits';
    /** On garland, wreath or tree. */
    case Trims = 'trims';
    /** In a vessel. */
    case Fills = 'fills';
    /** Others stand on it. */
    case Carries = 'carries';
}
