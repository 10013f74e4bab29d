<?php

declare(strict_types=1);

namespace App\View\House;

use App\Entity\Tote;

final readonly class ToteView
{
    private function __construct(public string $id, public string $code, public string $place, public int $width, public int $depth, public int $height, public int $version) {}

    public static function of(Tote $tote): self
    {
        $inside = $tote->stored()->inside;

        return new self($tote->id(), $tote->code(), $tote->place(), $inside->width->tenths(), $inside->depth->tenths(), $inside->height->tenths(), $tote->version());
    }
}
