<?php

declare(strict_types=1);

namespace App\Workbench;

/** An owned length in the drawer under the bench, in tenths of a millimetre: how many of it there are, and how many go into the sum. */
final readonly class OwnedLengthAnswer
{
    public function __construct(public string $piece, public string $name, public int $run, public int $free, public int $used) {}
}
