<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Table;

/** A classic mistake about to be made: a stable code, a sentence, the pieces it is about. */
final readonly class Guard
{
    /** @param list<string> $pieces ids */
    public function __construct(public string $code, public string $sentence, public array $pieces) {}
}
