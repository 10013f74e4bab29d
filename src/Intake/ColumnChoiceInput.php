<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** Which field a column is; "note" to keep it as a note, empty to leave it out. */
final readonly class ColumnChoiceInput
{
    public function __construct(
        #[Assert\Range(min: 0, max: 1000)]
        public int $column,
        #[Assert\Length(max: 40)]
        public string $field,
    ) {}
}
