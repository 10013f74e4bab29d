<?php

declare(strict_types=1);

namespace App\Haul;

final readonly class HaulAnswer
{
    /**
     * @param list<ReuseAnswer> $needs
     * @param list<LineAnswer>        $lines
     */
    public function __construct(public array $needs, public array $lines, public PurseAnswer $purse) {}
}
