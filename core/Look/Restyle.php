<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\ColourShare;

/** A change that would bring a piece into the look: what is done, what the piece would then be, what it takes. */
final readonly class Restyle
{
    /**
     * @param list<ColourShare> $colours   of the piece afterwards
     * @param string|null       $face      its name, where another face is turned
     * @param int               $costMinor materials for one unit, in minor units of the currency
     */
    public function __construct(
        public RestyleWay $way,
        public string $sentence,
        public array $colours,
        public int $scoreBefore,
        public int $scoreAfter,
        public int $costMinor,
        public int $minutes,
        public ?string $face = null,
    ) {}
}
