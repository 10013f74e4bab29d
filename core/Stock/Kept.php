<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** How a thing is put away. */
enum Kept: string
{
    case Rigid = 'rigid';
    /** One into the other. */
    case Nests = 'nests';
    case Folds = 'folds';
    case Coils = 'coils';
    /** Gives way when it is pressed. */
    case Soft = 'soft';
}
