<?php

declare(strict_types=1);

namespace App\Workbench;

/** A field is asked only when another choice is one of these. */
final readonly class AskedWhen
{
    /** @param list<string> $is */
    public function __construct(public string $choice, public array $is) {}
}
