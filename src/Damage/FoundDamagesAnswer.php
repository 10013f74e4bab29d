<?php

declare(strict_types=1);

namespace App\Damage;

final readonly class FoundDamagesAnswer
{
    /** @param list<FoundDamageAnswer> $damages the oldest first */
    public function __construct(public array $damages) {}
}
