<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Words\SumWords;
use BrightCupboard\Core\Sizing\Taken;

/** Units that the cupboard gives to a sum, and where they are. */
final readonly class TakenAnswer
{
    private function __construct(public string $piece, public string $name, public int $units, public int $free, public ?string $run, public string $where) {}

    public static function of(Taken $taken, SumWords $words): self
    {
        $isLong = $taken->from->piece->kind->facts()->isLaidOut();

        return new self(
            $taken->from->piece->id,
            $taken->from->piece->name,
            $taken->units,
            $taken->from->free,
            $isLong ? $words->value($taken->from->run) : null,
            $taken->from->where,
        );
    }
}
