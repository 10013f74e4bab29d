<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\Measure\Length;

/** Something that does not go as the furniture stands, as data: which check, what it is about, what was measured and what is wanted. */
final readonly class FloorFinding
{
    /** @param list<string> $furniture ids of what it is about; empty when it is about two doors */
    public function __construct(public FloorCheck $check, public array $furniture, public ?Length $figure = null, public ?Length $aim = null) {}
}
