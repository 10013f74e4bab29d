<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Home;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Stock\Place;

/** The places of a home as the words for them are read. */
final readonly class KnownPlaces
{
    public function __construct(private HouseRepository $house) {}

    /** @return list<KnownPlace> */
    public function of(Home $home): array
    {
        $places = [];
        foreach ($this->house->totes($home) as $tote) {
            $places[] = new KnownPlace(Place::tote($tote->id())->key(), $tote->code(), $tote->place());
        }
        foreach ($this->house->spots($home) as $spot) {
            $places[] = new KnownPlace(Place::spot($spot->id())->key(), $spot->name(), $spot->room()->name());
        }

        return $places;
    }
}
