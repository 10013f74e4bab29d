<?php

declare(strict_types=1);

namespace App\Journal;

final readonly class SinceAnswer
{
    /**
     * @param string       $entry     the latest; empty when nothing was ever done here
     * @param list<string> $outOfDate readings that no longer hold
     */
    public function __construct(public string $entry, public array $outOfDate) {}
}
