<?php

declare(strict_types=1);

namespace App\Look;

/** A ribbon that is meant for a spot and not seen there yet, with owned and free pieces that would bring it, best first. */
final readonly class OwedRibbonAnswer
{
    /** @param list<string> $menders ids */
    public function __construct(public string $spot, public int $ribbon, public array $menders) {}
}
