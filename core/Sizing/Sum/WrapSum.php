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
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Paper for wrapped boxes, or prints slipped over those in frames: the piece for each, and how many come out of a
 * sheet or a roll, turned whichever way gives more.
 */
final readonly class WrapSum implements Sum
{
    /** Paper laps over itself by this, and a print is cut smaller than the frame's back by this (memory). */
    private const LAP = 2 * Length::TENTHS_PER_INCH;
    private const PLAY = 30;

    public function asks(): array
    {
        return [
            Ask::choice('papered', ['boxes', 'prints']),
            Ask::length('itemWidth', 8, 120),
            Ask::length('itemHeight', 10, 120),
            Ask::length('itemDepth', 3, 120)->when('papered', 'boxes'),
            Ask::count('items', 4, 1, 500),
            Ask::length('sheetWidth', 27, 120),
            Ask::length('sheetLength', 39, 2000),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        [$w, $h, $d] = [$given->tenths('itemWidth'), $given->tenths('itemHeight'), $given->tenths('itemDepth')];
        [$across, $along] = $given->is('papered', 'boxes') ? [
            2 * ($w + $d) + self::LAP,
            $h + (int) round(1.5 * $d),
        ] : [max(1, $w - self::PLAY), max(1, $h - self::PLAY)];
        [$wide, $long] = [$given->tenths('sheetWidth'), $given->tenths('sheetLength')];
        $straight = intdiv($wide, $across) * intdiv($long, $along);
        $turned = intdiv($wide, $along) * intdiv($long, $across);
        $each = max($straight, $turned);
        $piece = ['across' => Length::ofTenths(min(1_000_000, $across)), 'along' => Length::ofTenths($along)];
        if (0 === $each) {
            throw InvalidSum::at('sheetWidth', 'sheet too small', $piece + ['wide' => $given->length('sheetWidth'), 'long' => $given->length('sheetLength')]);
        }
        $needed = (int) ceil($given->count('items') * (1 + $given->share('allowance')) - 1e-9);
        $sheets = intdiv($needed + $each - 1, $each);

        return new Answer(
            [new Said(1 === $sheets ? 'sheet' : 'sheets', ['count' => $sheets, 'spare' => $sheets * $each - $needed])],
            [
                new Said(
                    $given->is('papered', 'boxes') ? 'paper of a box' : 'paper of a print',
                    $piece + ['lap' => Length::ofTenths(self::LAP), 'play' => Length::ofTenths(self::PLAY)],
                ),
                new Said('out of a sheet', ['each' => $each, 'straight' => $straight, 'turned' => $turned]),
                new Said('sheets for', ['items' => $needed, 'each' => $each, 'count' => $sheets]),
            ],
            $this->sketch([$wide, $long], $turned > $straight ? [$along, $across] : [$across, $along], min($needed, $each)),
            [new Supply('sheets', PieceKind::Box, $sheets, [], Buying::of($given), width: $given->length('sheetWidth'), height: Length::ofInches(1))],
            [new Said('cutter')],
            amount: $sheets,
        );
    }

    /**
     * @param array{int, int} $sheet
     * @param array{int, int} $each
     */
    private function sketch(array $sheet, array $each, int $count): Sketch
    {
        $marks = [Mark::box(MarkRole::Surface, 0, 0, $sheet[1], $sheet[0])];
        $inRow = max(1, intdiv($sheet[1], $each[1]));
        for ($i = 0; $i < min($count, 200); ++$i) {
            $marks[] = Mark::box(MarkRole::Load, $i % $inRow * $each[1] + 20, intdiv($i, $inRow) * $each[0] + 20, $each[1] - 40, $each[0] - 40);
        }

        return new Sketch($marks);
    }
}
