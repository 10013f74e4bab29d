<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

/** Something about a tote that wants a look: a stable code, a sentence, the pieces it is about. */
final readonly class ToteFinding
{
    /** @param list<string> $pieces ids */
    public function __construct(public string $code, public string $sentence, public array $pieces) {}
}
