<?php

declare(strict_types=1);

namespace App\Totes;

final readonly class ToteFillsAnswer
{
    /** @param list<ToteFillAnswer> $totes by code */
    public function __construct(public array $totes) {}
}
