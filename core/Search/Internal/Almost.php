<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\SearchCard;

/**
 * A condition with a measure in it, which can be missed by a little.
 *
 * @internal
 */
interface Almost
{
    /** Whether a piece that does not meet it misses it by a little only. */
    public function isAlmostMet(SearchCard $card): bool;
}
