<?php

declare(strict_types=1);

namespace App\Calendar;

use BrightCupboard\Core\Calendar\Hemisphere;
use Symfony\Component\Validator\Constraints as Assert;

/** The feasts and traditions of a home, one on a line as people say them. */
final readonly class CalendarInput
{
    public function __construct(
        #[Assert\Length(max: 6000, maxMessage: 'That is too much for a calendar; leave some out.')]
        public string $feasts,
        public Hemisphere $hemisphere,
        public ?int $version = null,
    ) {}
}
