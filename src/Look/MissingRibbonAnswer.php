<?php

declare(strict_types=1);

namespace App\Look;

/** A ribbon that does not appear in a room, with owned and free pieces that would bring it, best first. */
final readonly class MissingRibbonAnswer
{
    /** @param list<string> $menders ids */
    public function __construct(public int $ribbon, public array $menders) {}
}
