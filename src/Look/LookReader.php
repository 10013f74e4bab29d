<?php

declare(strict_types=1);

namespace App\Look;

use App\Http\Fields;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;

/** Reads an edited look into a core value, naming the ribbon or field that is wrong. */
final readonly class LookReader
{
    public static function read(LookInput $input): Look
    {
        $fields = new Fields();
        $ribbons = [];
        foreach ($input->ribbons as $i => $ribbon) {
            $ribbons[] = $fields->read("ribbons[{$i}]", static fn(): Ribbon => new Ribbon(
                trim($ribbon->name),
                Srgb::ofHex($ribbon->hex),
                $ribbon->role,
                $ribbon->percent,
            ), null);
        }
        $resting = $fields->read('restingColours', static fn(): array => array_map(Srgb::ofHex(...), $input->restingColours), []);
        $fields->complete();
        $ribbons = array_values(array_filter($ribbons, static fn(?Ribbon $ribbon): bool => null !== $ribbon));
        $look = $fields->read(
            'ribbons',
            static fn(): Look => new Look(
                trim($input->name),
                $ribbons,
                $input->textures,
                new Resting($resting, $input->restingFinishes, $input->restingTextures, $input->restingPieces),
                $input->mood,
                $input->balance,
                $input->colour,
            ),
            null,
        );
        $fields->complete();

        return $look ?? throw new \LogicException('A look that was read is complete.');
    }
}
