<?php

declare(strict_types=1);

namespace App\Intake;

/** A column of a sheet: what it is called, and which field it is taken for; "note" where it is kept as a note, empty where it is not kept. */
final readonly class SheetColumnAnswer
{
    /** @param string $sample what its first rows say */
    public function __construct(public int $column, public string $head, public string $field, public string $sample) {}
}
