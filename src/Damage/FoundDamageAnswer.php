<?php

declare(strict_types=1);

namespace App\Damage;

use App\Entity\FoundDamage;
use BrightCupboard\Core\Stock\Damage;

final readonly class FoundDamageAnswer
{
    /**
     * @param string      $found during which swap
     * @param string|null $line  the haul line that is to put it right
     */
    private function __construct(
        public string $id,
        public string $piece,
        public string $name,
        public Damage $damage,
        public int $count,
        public string $found,
        public string $onDay,
        public string $by,
        public ?string $line,
    ) {}

    public static function of(FoundDamage $damage): self
    {
        return new self(
            $damage->id(),
            $damage->piece()->id(),
            $damage->piece()->name(),
            $damage->damage(),
            $damage->count(),
            $damage->swap()->name(),
            $damage->onDay()->format('Y-m-d'),
            $damage->by(),
            $damage->line()?->id(),
        );
    }
}
