<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Curves;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\LengthCover;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\MixedSizes;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Run;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;

/** Picks and baubles set along a run at even distances, or strings of beads laid in shallow dips from point to point. */
final readonly class AlongSum implements Sum
{
    private const MOST = 500;

    public function asks(): array
    {
        return [
            ...Run::asks(),
            Ask::choice('what', ['picks', 'baubles', 'beads']),
            Ask::length('spacing', 10, 240),
            Ask::choice('together', ['single', 'threes'])->when('what', 'picks', 'baubles'),
            Ask::choice('sizes', ['alike', 'mixed'])->when('what', 'baubles'),
            Ask::percent('dip', 10, 100)->when('what', 'beads'),
            Ask::length('string', 72, 1200)->when('what', 'beads'),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $run = Run::of($given);
        $points = (int) floor($run->total() / $given->tenths('spacing') + 1e-9);
        if ($points > self::MOST) {
            throw InvalidSum::at('spacing', 'too many points', ['count' => $points, 'limit' => self::MOST]);
        }

        return $given->is('what', 'beads') ? $this->beads($given, $run, max(1, $points), $owned) : $this->set($given, $run, max(1, $points), $owned);
    }

    private function set(Given $given, Run $run, int $points, Owned $owned): Answer
    {
        $each = $given->is('together', 'threes') ? 3 : 1;
        $count = (int) ceil($points * $each * (1 + $given->share('allowance')) - 1e-9);
        $isBauble = $given->is('what', 'baubles');
        $kind = $isBauble ? PieceKind::Bauble : PieceKind::Bunch;
        $marks = [$run->surface(), Mark::line(MarkRole::Garland, $run->between(0, $run->total()))];
        for ($i = 0; $i < $points; ++$i) {
            [$x, $y] = $run->at($run->total() * ($i + 0.5) / $points);
            for ($n = 0; $n < $each; ++$n) {
                $marks[] = Mark::round(
                    $isBauble ? MarkRole::Ball : MarkRole::Stem,
                    $x + ($n - ($each - 1) / 2) * 550,
                    $y + (1 === $n ? 250 : 0),
                    1 === $n || 1 === $each ? 380 : 260,
                );
            }
        }

        return new Answer(
            [new Said($isBauble ? 'baubles' : 'picks', ['count' => $count]), ...($isBauble && $given->is('sizes', 'mixed') ? [MixedSizes::of($count)] : [])],
            [
                ...$run->working($given),
                new Said('points', ['total' => $run->length(), 'spacing' => $given->length('spacing'), 'points' => $points]),
                ...(3 === $each ? [new Said('in threes', ['points' => $points, 'count' => $points * 3])] : []),
                ...(0.0 !== $given->share('allowance') ? [new Said('allowance in', ['percent' => $given->number('allowance')])] : []),
            ],
            new Sketch($marks),
            [
                new Supply(
                    $given->choice('what'),
                    $kind,
                    $count,
                    $owned->take($count, static fn(): float => 0.0, $kind),
                    Buying::of($given),
                    width: Length::ofInches(3),
                    height: Length::ofInches($isBauble ? 3 : 10),
                ),
            ],
            amount: $count,
        );
    }

    private function beads(Given $given, Run $run, int $points, Owned $owned): Answer
    {
        $span = $run->total() / $points;
        $each = Curves::swag($span, $span * $given->share('dip'));
        $total = $points * $each * (1 + $given->share('allowance'));
        [$taken, $bought] = (new LengthCover())->of($total, $given->tenths('string'), $owned->ofKind(PieceKind::Beads));
        $length = Length::ofTenths((int) round($total));
        $strings = $bought + array_sum(array_map(static fn($one): int => $one->units, $taken));
        $drawn = [];
        for ($i = 0; $i <= $points * 12; ++$i) {
            [$x, $y] = $run->at($run->total() * $i / ($points * 12));
            $in = ($i % 12) / 12;
            $drawn[] = [$x, $y + 4 * $span * $given->share('dip') * $in * (1 - $in)];
        }

        return new Answer(
            [new Said('beads', ['total' => $length]), new Said('strings', ['count' => $strings, 'bought' => $bought])],
            [
                ...$run->working($given),
                new Said('points', ['total' => $run->length(), 'spacing' => $given->length('spacing'), 'points' => $points]),
                new Said('dips', ['points' => $points, 'percent' => $given->number('dip'), 'each' => Length::ofTenths((int) round($each)), 'total' => $length]),
            ],
            new Sketch([$run->surface(), Mark::line(MarkRole::Garland, $run->between(0, $run->total())), Mark::line(MarkRole::Beads, $drawn)]),
            [
                new Supply(
                    'beads',
                    PieceKind::Beads,
                    $strings,
                    $taken,
                    Buying::of($given),
                    $bought,
                    $given->length('string'),
                    $given->length('string'),
                    per: 'length',
                    perUnit: $given->tenths('string') / 10_000,
                    lengths: $owned->ofKind(PieceKind::Beads),
                ),
            ],
            [new Said('children pull')],
            amount: $length,
        );
    }
}
