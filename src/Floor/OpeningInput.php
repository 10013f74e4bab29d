<?php

declare(strict_types=1);

namespace App\Floor;

use BrightCupboard\Core\Floor\OpeningKind;
use BrightCupboard\Core\Floor\Wall;

/** What is in a wall; lengths as people write them, the width empty for the usual one. */
final readonly class OpeningInput
{
    public function __construct(public OpeningKind $kind, public Wall $wall, public string $from, public string $width) {}
}
