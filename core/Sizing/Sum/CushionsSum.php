<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/** Cushions on a sofa or bed: rows that step down, at most half the seat, inserts 2 in over their covers (CP); only the front row changes with the season. */
final readonly class CushionsSum implements Sum
{
    /** An insert is larger than its cover by this, so that it is plump (CP). */
    private const PLUMP = 2 * Length::TENTHS_PER_INCH;
    /** Each row is smaller than the one behind by this much (memory). */
    private const STEP = 2 * Length::TENTHS_PER_INCH;
    private const USABLE = 0.5;
    /** Cushions give way: a part of one more than half the seat still counts as half. */
    private const SQUEEZE = 0.15;

    public function asks(): array
    {
        return [
            Ask::length('seatWidth', 84, 300)->ofThePlace(),
            Ask::length('backHeight', 16, 60)->ofThePlace(),
            Ask::length('backCover', 22, 40),
            Ask::count('rows', 3, 1, 3),
            Ask::choice('cushionSchool', ['mirrored', 'gathered']),
            Ask::length('frontCover', 18, 40),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $rows = $this->rows($given);
        $sum = array_sum(array_column($rows, 0));
        $front = $rows[array_key_last($rows)];
        $needed = (int) ceil($front[0] * (1 + $given->share('allowance')) - 1e-9);
        $supplies = [];
        $spoken = [];
        foreach ($rows as $row => [$count, $cover]) {
            $isFront = $row === array_key_last($rows);
            $free = new Owned(array_values(array_filter($owned->pieces, static fn($one): bool => !isset($spoken[$one->piece->id]))));
            $taken = $free->take(
                $isFront ? $needed : $count,
                static fn(Piece $piece): ?float => abs($piece->size->width->tenths() - $cover) <= self::STEP
                    ? (float) abs($piece->size->width->tenths() - $cover) + ($piece->isStaple() === $isFront ? 1000.0 : 0.0)
                    : null,
                PieceKind::Cushion,
            );
            foreach ($taken as $one) {
                $spoken[$one->from->piece->id] = true;
            }
            $supplies[] = new Supply(
                'cushions ' . $row,
                PieceKind::Cushion,
                $isFront ? $needed : $count,
                $taken,
                $isFront ? Buying::of($given) : Buying::unknown(),
                width: Length::ofTenths($cover),
                height: Length::ofTenths($cover),
            );
        }

        return new Answer(
            [
                new Said(1 === $sum ? 'cushion' : 'cushions', ['count' => $sum]),
                new Said('covers', ['count' => $front[0], 'cover' => Length::ofTenths($front[1])]),
            ],
            [
                new Said(
                    'half the seat',
                    ['seat' => $given->length('seatWidth'), 'half' => Length::ofTenths((int) round($given->tenths('seatWidth') * self::USABLE))],
                ),
                ...array_map(
                    static fn(string $row, array $one): Said => new Said(
                        'cushion row ' . $row,
                        ['count' => $one[0], 'cover' => Length::ofTenths($one[1]), 'insert' => Length::ofTenths($one[1] + self::PLUMP)],
                    ),
                    array_keys($rows),
                    $rows,
                ),
            ],
            $this->sketch($given, $rows),
            $supplies,
            amount: $front[0],
        );
    }

    /** @return non-empty-array<'back'|'front'|'middle', array{int, int}> count and cover of each row */
    private function rows(Given $given): array
    {
        $half = $given->tenths('seatWidth') * self::USABLE;
        $back = $given->tenths('backCover');
        $most = (int) floor($half / $back + self::SQUEEZE);
        if ($most < 1) {
            throw InvalidSum::at('backCover', 'cushion too wide', ['cover' => $given->length('backCover'), 'half' => Length::ofTenths((int) round($half))]);
        }
        if ($given->tenths('frontCover') > $back) {
            throw InvalidSum::at('frontCover', 'front larger', ['front' => $given->length('frontCover'), 'back' => $given->length('backCover')]);
        }
        $pairs = $given->is('cushionSchool', 'mirrored') ? 2 * max(1, intdiv(min($most, 4), 2)) : min($most, 3);
        $pairs = 1 === $most ? 1 : $pairs;
        $front = [1, $given->tenths('frontCover')];
        $middle = [max(1, $pairs), max($given->tenths('frontCover'), $back - self::STEP)];

        return match ($given->count('rows')) {
            1 => ['front' => [$pairs, $given->tenths('frontCover')]],
            2 => ['back' => [$pairs, $back], 'front' => $front],
            default => ['back' => [$pairs, $back], 'middle' => $middle, 'front' => $front],
        };
    }

    /** @param array<string, array{int, int}> $rows */
    private function sketch(Given $given, array $rows): Sketch
    {
        $wide = (float) $given->tenths('seatWidth');
        $high = (float) $given->tenths('backHeight');
        $inch = Length::TENTHS_PER_INCH;
        $marks = [
            Mark::box(MarkRole::Surface, 0, -$high, $wide, $high),
            Mark::box(MarkRole::Outline, -6 * $inch, -$high * 0.6, 6 * $inch, $high * 0.6 + 8 * $inch),
            Mark::box(MarkRole::Outline, $wide, -$high * 0.6, 6 * $inch, $high * 0.6 + 8 * $inch),
            Mark::box(MarkRole::Surface, 0, 0, $wide, 8 * $inch),
        ];
        $isMirrored = $given->is('cushionSchool', 'mirrored');
        foreach ($rows as $row => [$count, $cover]) {
            for ($i = 0; $i < $count; ++$i) {
                $inset = ['back' => 0.0, 'middle' => 0.42, 'front' => 0.75][$row] ?? 0.0;
                $x = $isMirrored && $count > 1
                    ? (0 === $i % 2 ? $cover * (intdiv($i, 2) + $inset) : $wide - $cover * (intdiv($i, 2) + 1 + $inset))
                    : ($isMirrored ? ($wide - $cover) / 2 : $cover * ($i * 0.8 + $inset));
                $marks[] = Mark::box(
                    'front' === $row ? MarkRole::Ribbon : MarkRole::Cushion,
                    $x,
                    -$cover,
                    $cover,
                    $cover,
                    'front' === $row && 0 === $i ? new Said('cushion mark', ['cover' => Length::ofTenths($cover)]) : null,
                );
            }
        }

        return new Sketch($marks);
    }
}
