<?php

declare(strict_types=1);

namespace App\Look;

final readonly class PartnersAnswer
{
    /** @param list<PartnerAnswer> $partners */
    public function __construct(public array $partners) {}
}
