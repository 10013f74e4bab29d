<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Table;

/** How sure a suggestion is. */
enum Confidence: string
{
    case Sure = 'sure';
    case Likely = 'likely';
    case Unsure = 'unsure';
}
