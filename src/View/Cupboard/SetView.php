<?php

declare(strict_types=1);

namespace App\View\Cupboard;

/** The set a piece belongs to and how many units make it whole; an empty name for none. */
final readonly class SetView
{
    public function __construct(public string $name, public int $of) {}
}
