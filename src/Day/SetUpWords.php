<?php

declare(strict_types=1);

namespace App\Day;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Surface\Spot;

/** What is to be known when a spot is set up, beside which pieces come to it: how high what hangs, what stands on what, dips, which side is in front. */
final readonly class SetUpWords
{
    public function __construct(private LengthText $lengths) {}

    /** @return list<string> from left to right */
    public function of(Dressing $dressing): array
    {
        $steps = [];
        foreach ($dressing->placed as $placed) {
            $under = $dressing->carrying()->riserUnder($placed);
            array_push(
                $steps,
                ...($dressing->isOnWall($placed) ? [$this->hung($placed, $dressing->spot)] : []),
                ...(null === $under ? [] : [sprintf('%s on %s', $placed->piece->name, $under->piece->name)]),
                ...($placed->drop > 0 ? [$this->dips($placed)] : []),
                ...($placed->isWoven() ? [sprintf(null === $dressing->tree() ? '%s woven to and fro' : '%s round the tree', $placed->piece->name)] : []),
                ...($placed->isWound() ? [$this->wound($placed)] : []),
                ...(null === $placed->stance->face ? [] : [sprintf('%s with “%s” in front', $placed->piece->name, $placed->stance->face)]),
            );
        }

        return array_values(array_unique($steps)); // alike garlands are said once
    }

    private function hung(PlacedPiece $placed, Spot $spot): string
    {
        return sprintf(
            '%s hung, its lower edge %s from the floor',
            $placed->piece->name,
            $this->lengths->write(Length::ofTenths($spot->ledgeHeight->tenths() + $placed->raise)),
        );
    }

    private function wound(PlacedPiece $placed): string
    {
        return sprintf(
            '%s wound round in %s, up to %s',
            $placed->piece->name,
            1 === $placed->stance->dips ? 'one turn' : $placed->stance->dips . ' turns',
            $this->lengths->write(Length::ofTenths($placed->right)),
        );
    }

    private function dips(PlacedPiece $placed): string
    {
        return sprintf(
            '%s in %s, %s deep',
            $placed->piece->name,
            1 === $placed->stance->dips ? 'one dip' : $placed->stance->dips . ' dips',
            $this->lengths->write(Length::ofTenths($placed->drop)),
        );
    }
}
