<?php

declare(strict_types=1);

namespace App\Intake;

use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Intake\RowProblem;
use BrightCupboard\Core\Stock\Makeup;

/** A row of a table that was looked through. */
final readonly class ReadRow
{
    /**
     * @param array<string, string> $cells    by field, as they stand after mending
     * @param list<RowProblem>      $problems
     */
    public function __construct(
        public int $line,
        public array $cells,
        public PieceRow $row,
        public array $problems,
        public Makeup $makeup,
        public string $like,
        public bool $isLeftOut,
    ) {}
}
