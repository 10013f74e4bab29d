<?php

declare(strict_types=1);

namespace App\Floor;

use BrightCupboard\Core\Floor\Opening;
use BrightCupboard\Core\Floor\OpeningKind;
use BrightCupboard\Core\Floor\Wall;

final readonly class OpeningAnswer
{
    private function __construct(public OpeningKind $kind, public Wall $wall, public int $from, public int $width) {}

    public static function of(Opening $opening): self
    {
        return new self($opening->kind, $opening->wall, $opening->from->tenths(), $opening->width->tenths());
    }
}
