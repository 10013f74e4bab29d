<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Cell;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;

/** Cells for a season of battery lights: hours are capacity over draw, days are hours over what the timer burns a day. */
final readonly class BatteriesSum implements Sum
{
    private const MOST = 5_000;

    public function asks(): array
    {
        return [
            Ask::choice('cell', ['AA', 'AAA', 'C', 'D', 'CR2032']),
            Ask::optionalNumber('capacity', 10, 50_000),
            Ask::count('devices', 2, 1, 200)->ofThePlace(),
            Ask::count('cellsEach', 3, 1, 12),
            Ask::number('draw', 60, 0.5, 5_000),
            Ask::number('hoursADay', 6, 0.1, 24),
            Ask::count('days', 40, 1, 366),
            Ask::count('inDrawer', 0, 0, 999),
            ...Buying::asks(4),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $capacity = $given->has('capacity') ? $given->number('capacity') : Cell::from($given->choice('cell'))->capacity();
        $hours = $capacity / $given->number('draw');
        $days = $hours / $given->number('hoursADay');
        $sets = (int) ceil($given->count('days') / $days - 1e-9);
        $cells = (int) ceil($sets * $given->count('devices') * $given->count('cellsEach') * (1 + $given->share('allowance')) - 1e-9);
        if ($cells > self::MOST) {
            throw InvalidSum::at('draw', 'too many cells', ['count' => $cells, 'limit' => self::MOST]);
        }
        $missing = max(0, $cells - $given->count('inDrawer'));
        $cell = $given->choice('cell');

        return new Answer(
            [
                new Said('cells', ['count' => $cells, 'cell' => $cell]),
                new Said(1 === $sets ? 'one set lasts' : 'change every', ['days' => floor($days), 'changes' => $sets - 1]),
                new Said(0 === $missing ? 'drawer has' : 'drawer lacks', ['missing' => $missing, 'cell' => $cell]),
            ],
            [
                new Said('cell hours', ['capacity' => $capacity, 'draw' => $given->number('draw'), 'hours' => $hours]),
                new Said('cell days', ['hours' => $hours, 'aDay' => $given->number('hoursADay'), 'days' => $days]),
                new Said('cell sets', ['season' => $given->count('days'), 'days' => $days, 'sets' => $sets]),
                new Said('cell count', ['sets' => $sets, 'devices' => $given->count('devices'), 'each' => $given->count('cellsEach'), 'count' => $cells]),
            ],
            $this->sketch($given->count('days'), $days, $sets),
            [new Supply('cells', PieceKind::Box, $cells, [], Buying::of($given), $missing, width: Length::ofInches(3), height: Length::ofInches(2))],
            [...('CR2032' === $cell ? [new Said('button cells')] : []), new Said('cells alike')],
            amount: $cells,
            tasks: [
                new Said(
                    'task batteries',
                    ['devices' => $given->count('devices'), 'count' => $given->count('devices') * $given->count('cellsEach'), 'cell' => $cell],
                ),
                new Said('task timer', ['hours' => $given->number('hoursADay')]),
                ...($sets > 1 ? [new Said('task change cells', ['days' => floor($days)])] : []),
            ],
        );
    }

    /** A season as one strip, a box for each set of cells. */
    private function sketch(int $season, float $days, int $sets): Sketch
    {
        $marks = [Mark::box(MarkRole::Surface, 0, 0, $season * 1000, 6000)];
        for ($i = 0; $i < min($sets, 120); ++$i) {
            $from = $i * $days;
            $marks[] = Mark::box(
                MarkRole::Load,
                $from * 1000 + 60,
                900,
                max(60, (min($season, $from + $days) - $from) * 1000 - 120),
                4200,
                $sets <= 12 ? new Said('set', ['number' => $i + 1, 'day' => (int) floor($from) + 1]) : null,
            );
        }

        return new Sketch($marks, isLaid: false);
    }
}
