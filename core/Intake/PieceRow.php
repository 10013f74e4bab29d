<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Money\Money;

/** One row of a table as a piece; what a line of text cannot say stands beside the reading. */
final readonly class PieceRow
{
    /**
     * @param list<array{place: string, units: int}> $places   together the count; empty when none is named
     * @param list<RowProblem>                       $problems empty when the row can be taken in
     * @param string                                 $faces    as they stand in the file
     * @param string                                 $parts    as they stand in the file
     */
    public function __construct(
        public IntakeReading $reading,
        public ?Money $replacementEach,
        public ?\DateTimeImmutable $cameOn,
        public array $places,
        public string $set,
        public int $setOf,
        public string $faces,
        public string $parts,
        public array $problems,
    ) {}
}
