<?php

declare(strict_types=1);

namespace App\Haul;

use BrightCupboard\Core\Draft\NeedAnswer;

final readonly class OwnedForNeedAnswer
{
    /** @param list<string> $misses */
    private function __construct(public string $piece, public int $score, public string $where, public int $free, public array $misses) {}

    public static function of(NeedAnswer $a): self
    {
        return new self($a->available->piece->id, $a->score, $a->available->where, $a->available->free, $a->misses);
    }
}
