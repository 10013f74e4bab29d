<?php

declare(strict_types=1);

namespace App\Cupboard;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Units of a piece go from one place to another; places as keys such as "tote:…", "spot:…", "lent"; to whom
 * and until what day (2026-12-01) when they are lent.
 */
final readonly class MoveInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 999, notInRangeMessage: 'Move from {{ min }} to {{ max }} units.')]
        public int $count,
        public string $from,
        public string $to,
        #[Assert\Length(max: 80)]
        public string $lentTo = '',
        public string $lentUntil = '',
    ) {}
}
