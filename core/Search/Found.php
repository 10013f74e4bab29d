<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** A piece that meets everything asked, with what it meets beyond its name. */
final readonly class Found
{
    /** @param list<string> $why */
    public function __construct(public string $id, public array $why) {}
}
