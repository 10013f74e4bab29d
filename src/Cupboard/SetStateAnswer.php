<?php

declare(strict_types=1);

namespace App\Cupboard;

/** A set of which units are not at hand. */
final readonly class SetStateAnswer
{
    /** @param list<string> $pieces ids */
    public function __construct(public string $name, public int $of, public int $have, public array $pieces) {}
}
