<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\PieceSet;
use BrightCupboard\Core\Stock\Season;

/**
 * How faces and parts of a piece are kept, and read again.
 *
 * @phpstan-type FaceRow array{name: string, seasons: list<string>, colours: list<array{hex: string, percent: int}>}
 * @phpstan-type PartRow array{name: string, kind: string, count: int, width: int, depth: int, height: int, hex: string, material: string, piece?: string}
 */
final readonly class StoredMakeup
{
    /**
     * @param list<FaceRow> $faces
     * @param list<PartRow> $parts
     */
    public static function read(array $faces, array $parts, string $setName, int $setOf, ?int $laidOut = null): Makeup
    {
        return new Makeup(
            array_map(
                static fn(array $face): Face => new Face(
                    $face['name'],
                    array_map(Season::from(...), $face['seasons']),
                    array_map(static fn(array $share): ColourShare => new ColourShare(Srgb::ofHex($share['hex']), $share['percent']), $face['colours']),
                ),
                $faces,
            ),
            array_map(
                static fn(array $part): Part => new Part(
                    $part['name'],
                    PieceKind::from($part['kind']),
                    $part['count'],
                    new Size(Length::ofTenths($part['width']), Length::ofTenths($part['depth']), Length::ofTenths($part['height'])),
                    Srgb::ofHex($part['hex']),
                    Material::from($part['material']),
                    $part['piece'] ?? null,
                ),
                $parts,
            ),
            '' === $setName ? null : new PieceSet($setName, $setOf),
            null === $laidOut ? null : Length::ofTenths($laidOut),
        );
    }

    /** @return list<FaceRow> */
    public static function faces(Makeup $makeup): array
    {
        return array_map(static fn(Face $face): array => [
            'name' => $face->name,
            'seasons' => array_map(static fn(Season $season): string => $season->value, $face->seasons),
            'colours' => array_map(static fn(ColourShare $share): array => ['hex' => $share->colour->hex(), 'percent' => $share->percent], $face->colours),
        ], $makeup->faces);
    }

    /** @return list<PartRow> */
    public static function parts(Makeup $makeup): array
    {
        return array_map(static fn(Part $part): array => [
            'name' => $part->name,
            'kind' => $part->kind->value,
            'count' => $part->count,
            'width' => $part->size->width->tenths(),
            'depth' => $part->size->depth->tenths(),
            'height' => $part->size->height->tenths(),
            'hex' => $part->colour->hex(),
            'material' => $part->material->value,
        ] + (null === $part->pieceId ? [] : ['piece' => $part->pieceId]), $makeup->parts);
    }
}
