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
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Sizing\TableTop;
use BrightCupboard\Core\Sizing\Taken;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\TableShape;

/** Runner and cloth: how far they hang, one runner a third of the table's width (CP), or several sheer ones knotted at the ends. */
final readonly class ClothSum implements Sum
{
    private const THIRD = 3;
    /** What a knot takes of each end of a sheer runner, and how much longer or shorter an owned one may be (memory). */
    private const KNOT = 8 * Length::TENTHS_PER_INCH;
    private const NEAR = 8 * Length::TENTHS_PER_INCH;

    public function asks(): array
    {
        return [
            ...TableTop::asks(),
            Ask::length('tableHeight', 30, 60)->ofThePlace(),
            Ask::choice('cover', ['runner', 'sheer runners', 'cloth']),
            Ask::lengthOrNone('drop', 8, 60),
            Ask::count('runners', 3, 2, 9)->when('cover', 'sheer runners'),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $top = TableTop::of($given);
        $drop = $given->tenths('drop');
        if ($drop > $given->tenths('tableHeight')) {
            throw InvalidSum::at('drop', 'past the floor', ['drop' => $given->length('drop'), 'height' => $given->length('tableHeight')]);
        }
        [$long, $short] = [(int) max($top->width, $top->depth), (int) min($top->width, $top->depth)];
        $isCloth = $given->is('cover', 'cloth');
        $isSheer = $given->is('cover', 'sheer runners');
        $count = $isSheer ? $given->count('runners') : 1;
        $length = $long + 2 * $drop + ($isSheer ? 2 * self::KNOT : 0);
        $width = match (true) {
            $isCloth => $short + 2 * $drop,
            $isSheer => (int) round($short / self::THIRD * 2 / $count), // they overlap and are gathered
            default => intdiv($short, self::THIRD),
        };
        $size = ['length' => Length::ofTenths($length), 'width' => Length::ofTenths($width), 'count' => $count];
        $needed = (int) ceil($count * (1 + $given->share('allowance')) - 1e-9);

        return new Answer(
            [
                new Said($isCloth && TableShape::Round === $top->shape ? 'cloth round' : 'cover ' . $given->choice('cover'), $size),
                new Said('hangs', ['drop' => $given->length('drop')]),
            ],
            [
                new Said(
                    'cover length',
                    ['long' => Length::ofTenths($long), 'drop' => $given->length('drop'), 'length' => Length::ofTenths($long + 2 * $drop)],
                ),
                ...($isSheer ? [new Said('knots', ['knot' => Length::ofTenths(self::KNOT), 'length' => Length::ofTenths($length)])] : []),
                new Said(
                    $isCloth ? 'cloth width' : ($isSheer ? 'sheer width' : 'runner width'),
                    ['short' => Length::ofTenths($short), 'drop' => $given->length('drop'), 'width' => Length::ofTenths($width)],
                ),
            ],
            $this->sketch($top, $given, $length, $width, $count),
            [
                new Supply(
                    $isCloth ? 'cloth' : 'runner',
                    PieceKind::Runner,
                    $needed,
                    $this->runners($owned, $length, $isCloth, $needed),
                    Buying::of($given),
                    run: Length::ofTenths($length),
                    width: Length::ofTenths(min($length, 100_000)),
                    height: Length::ofInches(1),
                ),
            ],
            [new Said('trailing cloth')],
        );
    }

    /** @return list<Taken> */
    private function runners(Owned $owned, int $length, bool $isCloth, int $needed): array
    {
        $near = $isCloth
            ? []
            : array_values(array_filter(
                $owned->ofKind(PieceKind::Runner),
                static fn(OwnedPiece $one): bool => abs($one->run->tenths() - $length) <= self::NEAR,
            ));
        $runs = [];
        foreach ($near as $one) {
            $runs[$one->piece->id] = $one->run->tenths();
        }

        return (new Owned($near))->take($needed, static fn(Piece $piece): float => abs(($runs[$piece->id] ?? 0) - $length), PieceKind::Runner);
    }

    private function sketch(TableTop $top, Given $given, int $length, int $width, int $count): Sketch
    {
        [$w, $d] = [$top->width, $top->depth];
        $isRound = TableShape::Rectangular !== $top->shape;
        $isAlong = $w >= $d;
        $drop = $given->tenths('drop');
        $marks = [];
        if ($given->is('cover', 'cloth')) {
            $marks[] = $isRound
                ? Mark::round(MarkRole::Cloth, 0, 0, $w / 2 + $drop, $d / 2 + $drop)
                : Mark::box(MarkRole::Cloth, -$w / 2 - $drop, -$d / 2 - $drop, $w + 2 * $drop, $d + 2 * $drop);
        }
        $marks[] = $isRound ? Mark::round(MarkRole::Surface, 0, 0, $w / 2, $d / 2) : Mark::box(MarkRole::Surface, -$w / 2, -$d / 2, $w, $d);
        if (!$given->is('cover', 'cloth')) {
            for ($i = 0; $i < $count; ++$i) {
                $shift = ($i - ($count - 1) / 2) * $width * 0.75;
                $marks[] = $isAlong
                    ? Mark::box(MarkRole::Cloth, -$length / 2, $shift - $width / 2, $length, $width)
                    : Mark::box(MarkRole::Cloth, $shift - $width / 2, -$length / 2, $width, $length);
            }
        }

        return new Sketch($marks);
    }
}
