<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Makeup;

/** What is written down about a piece beside its measurements. */
final readonly class PieceRecord
{
    /** @param list<Assumed> $assumed the usual of its kind, until somebody looks */
    public function __construct(
        public string $shape,
        public string $pattern,
        public string $origin,
        public Money $costEach,
        public Money $replacementEach,
        public ?\DateTimeImmutable $cameOn,
        public string $care,
        public Makeup $makeup = new Makeup(),
        public ?\DateTimeImmutable $photoAt = null,
        public array $assumed = [],
    ) {}
}
