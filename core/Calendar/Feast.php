<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/** A feast or tradition in one year. */
final readonly class Feast
{
    /** Weeks in which the shops sell off what is left of it (common practice). */
    private const CLEARANCE_DAYS = 14;

    /** @param bool $hasSale whether what is left of it is sold off afterwards */
    public function __construct(public string $name, public \DateTimeImmutable $day, public bool $hasSale) {}

    /** The last day of the sale after it; null where there is none. */
    public function saleUntil(): ?\DateTimeImmutable
    {
        return $this->hasSale ? $this->day->modify(sprintf('+%d days', self::CLEARANCE_DAYS)) : null;
    }
}
