<?php

declare(strict_types=1);

namespace App\View\Look;

final readonly class PartnersView
{
    /** @param list<PartnerView> $partners */
    public function __construct(public array $partners) {}
}
