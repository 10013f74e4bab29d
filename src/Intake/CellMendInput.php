<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * A cell put right: in one row of the file, or in all rows that say the same there. "left out" as the field leaves
 * the row out; an empty cell takes it in again.
 */
final readonly class CellMendInput
{
    /** @param int|null $line the row in the file; null for all rows that say $said */
    public function __construct(
        public ?int $line,
        #[Assert\Length(max: 40)]
        public string $field,
        #[Assert\Length(max: 4000)]
        public string $said,
        #[Assert\Length(max: 4000)]
        public string $cell,
    ) {}
}
