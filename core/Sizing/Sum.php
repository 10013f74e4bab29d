<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\InvalidMeasure;

/** One sum of the trade: what it asks for, and its answer with the working that led to it. */
interface Sum
{
    /** @return list<Ask> in the order in which they are asked */
    public function asks(): array;

    /**
     * @param Given $given taken by the asks of this sum
     *
     * @throws InvalidSum     when figures that can each be taken do not go together
     * @throws InvalidMeasure when the answer is longer than anything that is measured
     */
    public function reckon(Given $given, Owned $owned): Answer;
}
