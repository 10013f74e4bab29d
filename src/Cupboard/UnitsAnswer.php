<?php

declare(strict_types=1);

namespace App\Cupboard;

/** Units of a piece at a place; the place is "tote:…", "spot:…" or a word such as "lent", with a note where there is more to say. */
final readonly class UnitsAnswer
{
    public function __construct(public string $place, public int $count, public string $note = '') {}
}
