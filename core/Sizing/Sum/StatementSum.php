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
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * The size of one tall statement in a room of such a height (half to two thirds of it, memory), or curtains that
 * make a room taller (twice the window in cloth, memory).
 */
final readonly class StatementSum implements Sum
{
    private const LEAST = 0.5;
    private const MOST = 2 / 3;
    /** A curtain stops this far over the floor; the rod stands out this far to either side of the window (memory). */
    private const OFF_FLOOR = 127;
    private const BESIDE = 6 * Length::TENTHS_PER_INCH;

    public function asks(): array
    {
        return [
            Ask::length('ceiling', 96, 480)->ofThePlace(),
            Ask::choice('tall', ['statement', 'curtains']),
            Ask::length('standsOn', null, 120)->when('tall', 'statement')->orEmpty(),
            Ask::length('windowWidth', 48, 400)->when('tall', 'curtains')->ofThePlace(),
            Ask::length('windowTop', 80, 400)->when('tall', 'curtains')->ofThePlace(),
            Ask::number('gather', 2, 1, 3)->when('tall', 'curtains'),
            Ask::length('panelWidth', 50, 200)->when('tall', 'curtains'),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        return $given->is('tall', 'curtains') ? $this->curtains($given) : $this->statement($given, $owned);
    }

    private function statement(Given $given, Owned $owned): Answer
    {
        $ceiling = $given->tenths('ceiling');
        $stand = $given->tenths('standsOn');
        [$least, $most] = [(int) round($ceiling * self::LEAST) - $stand, (int) round($ceiling * self::MOST) - $stand];
        if ($least < 1) {
            throw InvalidSum::at('standsOn', 'stands too high', ['stand' => $given->length('standsOn'), 'ceiling' => $given->length('ceiling')]);
        }
        $taken = $owned->take(
            1,
            static fn(Piece $piece): ?float => $piece->size->height->tenths() >= $least && $piece->size->height->tenths() <= $most
                ? (float) abs($piece->size->height->tenths() - ($least + $most) / 2)
                : null,
            ...Sums::Statement->kinds(),
        );
        $wide = intdiv($least, 3);

        return new Answer(
            [new Said('statement', ['least' => Length::ofTenths($least), 'most' => Length::ofTenths($most)])],
            [
                new Said(
                    'of the ceiling',
                    ['ceiling' => $given->length('ceiling'), 'least' => Length::ofTenths($least + $stand), 'most' => Length::ofTenths($most + $stand)],
                ),
                ...($stand > 0 ? [new Said('less the stand', ['stand' => $given->length('standsOn')])] : []),
            ],
            new Sketch([
                Mark::box(MarkRole::Surface, -$ceiling / 2, -$ceiling, $ceiling, $ceiling),
                ...($stand > 0 ? [Mark::box(MarkRole::Outline, -$wide, -$stand, 2 * $wide, $stand)] : []),
                Mark::area(MarkRole::Hung, [[-$wide / 2, -$stand], [$wide / 2, -$stand], [$wide * 0.2, -$stand - $least], [-$wide * 0.2, -$stand - $least]]),
                Mark::line(MarkRole::Level, [[-$ceiling / 3, -$stand - $least], [$ceiling / 3, -$stand - $least]], new Said('at least')),
                Mark::line(MarkRole::Level, [[-$ceiling / 3, -$stand - $most], [$ceiling / 3, -$stand - $most]], new Said('at most')),
            ]),
            [
                new Supply(
                    'statement',
                    PieceKind::Tree,
                    1,
                    $taken,
                    Buying::of($given),
                    width: Length::ofTenths($wide),
                    height: Length::ofTenths(intdiv($least + $most, 2)),
                ),
            ],
            [new Said('ladder')],
        );
    }

    private function curtains(Given $given): Answer
    {
        [$ceiling, $top] = [$given->tenths('ceiling'), $given->tenths('windowTop')];
        if ($top >= $ceiling) {
            throw InvalidSum::at('windowTop', 'over the ceiling', ['top' => $given->length('windowTop'), 'ceiling' => $given->length('ceiling')]);
        }
        $rod = (int) round($top + ($ceiling - $top) * 2 / 3);
        $drop = $rod - self::OFF_FLOOR;
        $wide = $given->tenths('windowWidth') + 2 * self::BESIDE;
        $panels = max(2, 2 * (int) ceil($wide * $given->number('gather') / $given->tenths('panelWidth') / 2 - 1e-9));
        $half = $wide / 2;

        return new Answer(
            [
                new Said('curtains', ['count' => $panels, 'drop' => Length::ofTenths($drop)]),
                new Said('rod', ['height' => Length::ofTenths($rod), 'width' => Length::ofTenths($wide)]),
            ],
            [
                new Said('rod height', ['top' => $given->length('windowTop'), 'ceiling' => $given->length('ceiling'), 'height' => Length::ofTenths($rod)]),
                new Said(
                    'rod width',
                    ['window' => $given->length('windowWidth'), 'beside' => Length::ofTenths(self::BESIDE), 'width' => Length::ofTenths($wide)],
                ),
                new Said(
                    'gathered',
                    [
                        'times' => $given->number('gather'),
                        'cloth' => Length::ofTenths((int) min(1_000_000, round($wide * $given->number('gather')))),
                        'panel' => $given->length('panelWidth'),
                        'count' => $panels,
                    ],
                ),
                new Said('off the floor', ['off' => Length::ofTenths(self::OFF_FLOOR), 'drop' => Length::ofTenths($drop)]),
            ],
            new Sketch([
                Mark::box(MarkRole::Surface, -$half * 1.5, -$ceiling, $half * 3, $ceiling),
                Mark::box(MarkRole::Outline, -$given->tenths('windowWidth') / 2, -$top, $given->tenths('windowWidth'), $top * 0.6),
                Mark::box(MarkRole::Cloth, -$half, -$rod, $half * 0.45, $drop),
                Mark::box(MarkRole::Cloth, $half * 0.55, -$rod, $half * 0.45, $drop),
                Mark::line(MarkRole::Level, [[-$half, -$rod], [$half, -$rod]], new Said('rod at', ['height' => Length::ofTenths($rod)])),
            ]),
            [
                new Supply(
                    'curtain panels',
                    PieceKind::Throw,
                    $panels,
                    [],
                    Buying::of($given),
                    width: $given->length('panelWidth'),
                    height: Length::ofTenths($drop),
                ),
            ],
            [new Said('ladder')],
        );
    }
}
