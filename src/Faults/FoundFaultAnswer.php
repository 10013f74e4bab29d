<?php

declare(strict_types=1);

namespace App\Faults;

use App\Entity\FoundFault;
use BrightCupboard\Core\Stock\Fault;

final readonly class FoundFaultAnswer
{
    /**
     * @param string      $found during which swap
     * @param string|null $line  the haul line that is to put it right
     */
    private function __construct(
        public string $id,
        public string $piece,
        public string $name,
        public Fault $fault,
        public int $count,
        public string $found,
        public string $onDay,
        public string $by,
        public ?string $line,
    ) {}

    public static function of(FoundFault $fault): self
    {
        return new self(
            $fault->id(),
            $fault->piece()->id(),
            $fault->piece()->name(),
            $fault->fault(),
            $fault->count(),
            $fault->swap()->name(),
            $fault->onDay()->format('Y-m-d'),
            $fault->by(),
            $fault->line()?->id(),
        );
    }
}
