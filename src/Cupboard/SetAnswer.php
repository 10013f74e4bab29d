<?php

declare(strict_types=1);

namespace App\Cupboard;

/** The set a piece belongs to and how many units make it whole; an empty name for none. */
final readonly class SetAnswer
{
    public function __construct(public string $name, public int $of) {}
}
