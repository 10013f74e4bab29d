<?php

declare(strict_types=1);

namespace App\House;

use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\SpotKind;

/** What a page needs to know of every spot of a kind. */
final readonly class KindOfSpotAnswer
{
    private function __construct(public SpotKind $kind, public Form $form) {}

    public static function of(SpotKind $kind): self
    {
        return new self($kind, $kind->form());
    }
}
