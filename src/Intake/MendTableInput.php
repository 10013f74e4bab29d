<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** What is put right in a sheet: which column is which field, and cells. */
final readonly class MendTableInput
{
    /**
     * @param list<ColumnChoiceInput> $columns
     * @param list<CellMendInput>     $cells
     */
    public function __construct(
        #[Assert\Count(max: 200)]
        public array $columns,
        #[Assert\Count(max: 1000)]
        public array $cells,
    ) {}
}
