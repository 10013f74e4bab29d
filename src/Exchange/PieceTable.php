<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\PieceRecord;
use App\Entity\StoredMakeup;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceSet;

/**
 * Pieces as rows of a table that reads back without loss: lengths exact to the tenth of a millimetre, weights in
 * grams, colours as hex with shares, places with their units, faces and parts as JSON.
 *
 * @phpstan-import-type FaceRow from StoredMakeup
 * @phpstan-import-type PartRow from StoredMakeup
 */
final readonly class PieceTable
{
    public const HEADS = [
        'name', 'kind', 'count', 'width', 'depth', 'height', 'laid out', 'weight', 'colours', 'materials', 'finish', 'seasons', 'hazards',
        'shape', 'pattern', 'origin', 'cost each', 'replacement each', 'came on', 'care', 'places', 'set', 'set of', 'faces', 'parts',
        'assumed',
    ];

    public function __construct(private LengthUnit $unit) {}

    /**
     * @param int          $count  units that are no part of an arrangement
     * @param list<string> $places names with their units, such as “A2 ×2”
     *
     * @return list<string>
     */
    public function row(Piece $piece, int $count, PieceRecord $record, array $places): array
    {
        $words = static fn(array $cases, string $none): string => [] === $cases
            ? $none
            : implode(', ', array_map(static fn(\BackedEnum $case): string => (string) $case->value, $cases));
        $makeup = $record->makeup;

        return [
            $piece->name,
            $piece->kind->value,
            (string) $count,
            TableText::length($this->unit, $piece->size->width),
            TableText::length($this->unit, $piece->size->depth),
            TableText::length($this->unit, $piece->size->height),
            null === $makeup->laidOut ? '' : TableText::length($this->unit, $makeup->laidOut),
            $piece->weight->grams() . ' g',
            implode(', ', array_map(static fn(ColourShare $share): string => $share->colour->hex() . ' ' . $share->percent, $piece->colours)),
            $words($piece->materials, 'none'),
            $piece->finish->value,
            $words($piece->seasons, 'all year'),
            $words($piece->hazards, 'none'),
            $record->shape,
            $record->pattern,
            $record->origin,
            TableText::money($record->costEach),
            TableText::money($record->replacementEach),
            $record->cameOn?->format('Y-m-d') ?? '',
            $record->care,
            implode('; ', $places),
            $makeup->set->name ?? '',
            null === $makeup->set ? '' : (string) $makeup->set->of,
            self::json(StoredMakeup::faces($makeup)),
            self::json(
                array_map(static fn(array $part): array => array_diff_key($part, ['piece' => 0]), StoredMakeup::parts($makeup)),
            ), // which piece it is says nothing in another home
            implode(', ', array_map(static fn(Assumed $assumed): string => $assumed->value, $record->assumed)),
        ];
    }

    /** What a row that was read says of faces, parts and set. */
    public static function makeup(PieceRow $row): Makeup
    {
        /** @var list<FaceRow> $faces */
        $faces = self::rows($row->faces, ['name', 'seasons', 'colours']);
        /** @var list<PartRow> $parts */
        $parts = self::rows($row->parts, ['name', 'kind', 'count', 'width', 'depth', 'height', 'hex', 'material']);
        try {
            $read = StoredMakeup::read($faces, $parts, '', 0, $row->reading->laidOut?->tenths());
        } catch (\ValueError|\TypeError) {
            throw UnreadableMakeup::of($row->faces . $row->parts); // a word that is no kind, season or material
        }

        return new Makeup($read->faces, $read->parts, '' === $row->set ? null : new PieceSet($row->set, $row->setOf), $read->laidOut);
    }

    /** @param list<array<string, mixed>> $rows */
    private static function json(array $rows): string
    {
        return [] === $rows ? '' : json_encode($rows, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    /**
     * @param list<string> $keys
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(string $json, array $keys): array
    {
        $rows = '' === $json ? [] : json_decode($json, true, 8);
        if (!\is_array($rows) || !array_is_list($rows)) {
            throw UnreadableMakeup::of($json);
        }
        $known = [];
        foreach ($rows as $row) {
            if (!\is_array($row) || [] !== array_diff($keys, array_keys($row))) {
                throw UnreadableMakeup::of($json);
            }
            $known[] = array_intersect_key($row, array_flip($keys)); // never an id that a file names
        }

        /** @var list<array<string, mixed>> $known */
        return $known;
    }
}
