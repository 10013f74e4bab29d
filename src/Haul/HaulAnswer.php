<?php

declare(strict_types=1);

namespace App\Haul;

use App\Damage\FoundDamageAnswer;

final readonly class HaulAnswer
{
    /**
     * @param list<ReuseAnswer> $needs
     * @param list<LineAnswer>  $lines
     * @param list<FoundDamageAnswer> $damages what was found wrong with pieces of the season and is on no list yet
     */
    public function __construct(public array $needs, public array $lines, public array $damages, public PurseAnswer $purse) {}
}
