<?php

declare(strict_types=1);

namespace App\Workbench;

/** What was really used, as people write it; empty when it is not known after all. */
final readonly class UsedInput
{
    public function __construct(public string $used) {}
}
