<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Entity\Tote;
use App\Repository\HouseRepository;

/** The codes of a home: two totes never share one, however it is written. */
final readonly class ToteCodes
{
    public function __construct(private HouseRepository $house) {}

    /** The tote that has a code already; null when it is free, or its own. */
    public function taken(Home $home, string $code, ?Tote $own = null): ?Tote
    {
        foreach ($this->house->totes($home) as $other) {
            if ($other !== $own && 0 === strcasecmp($other->code(), $code)) {
                return $other;
            }
        }

        return null;
    }

    public static function sentence(Tote $taken): string
    {
        return sprintf('There is already a tote %s, in the %s. Give this one another code.', $taken->code(), $taken->place());
    }
}
