<?php

declare(strict_types=1);

namespace App\Haul;

final readonly class ReuseAnswer
{
    /** @param list<OwnedForNeedAnswer> $answers best first */
    public function __construct(public NeedAnswer $need, public array $answers) {}
}
