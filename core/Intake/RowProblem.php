<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

/** What is wrong in one cell of a row, to be put right where it stands. */
final readonly class RowProblem
{
    /**
     * @param string $field    of which column, see TableColumns
     * @param string $sentence says what to write instead
     */
    public function __construct(public string $field, public string $sentence) {}
}
