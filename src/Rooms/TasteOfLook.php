<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Http\InvalidInput;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Ribbon;

/** Whether ribbons that are meant for a spot are those of the look. */
final readonly class TasteOfLook
{
    /**
     * @param list<string> $ribbons names
     *
     * @throws InvalidInput that names the one the look does not have
     */
    public static function require(Look $look, array $ribbons): void
    {
        $known = array_map(static fn(Ribbon $ribbon): string => $ribbon->name, $look->ribbons);
        $strange = array_values(array_diff($ribbons, $known));
        if ([] !== $strange) {
            throw InvalidInput::at('ribbons', sprintf('The look has no ribbon “%s”.', mb_strimwidth($strange[0], 0, 60, '…')));
        }
    }
}
