<?php

declare(strict_types=1);

namespace App\Cupboard;

final readonly class SetsAnswer
{
    /** @param list<SetStateAnswer> $sets that are not whole */
    public function __construct(public array $sets) {}
}
