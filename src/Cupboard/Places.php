<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Http\InvalidInput;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;

/** Turns a place key from a page into a place of this home. */
final readonly class Places
{
    public function __construct(private HouseRepository $house) {}

    public function read(Home $home, string $field, string $key): Place
    {
        try {
            $place = Place::ofKey($key);
        } catch (\LogicException|\ValueError) {
            throw InvalidInput::at($field, 'Choose a tote, a spot, or one of the other places.');
        }
        $isHere = match ($place->kind) {
            PlaceKind::Spot => null !== $this->house->spot($home, $place->id ?? ''),
            PlaceKind::Tote => null !== $this->house->tote($home, $place->id ?? ''),
            PlaceKind::Within => throw InvalidInput::at($field, 'What is part of an arrangement comes out when that is taken apart.'),
            default => true,
        };

        return $isHere ? $place : throw InvalidInput::at($field, 'That tote or spot is not there any more.');
    }
}
