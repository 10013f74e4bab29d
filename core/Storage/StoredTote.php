<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Stock\Condition;

/** A tote as packing sees it. */
final readonly class StoredTote
{
    /**
     * @param list<Condition> $conditions of the place it stands in
     * @param Weight|null     $mostWeight it may weigh when full, where somebody said
     */
    public function __construct(
        public string $id,
        public string $code,
        public string $place,
        public Size $inside,
        public array $conditions = [],
        public ?Weight $mostWeight = null,
    ) {}
}
