<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Circuit;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Run;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\StrandCautions;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;

/** Light strands along a garland (CP: two of 100 on 12 ft), where they start so that both sides end evenly, and what they draw. */
final readonly class LightsSum implements Sum
{
    /** How thick they are laid, as a part of the usual (own values). */
    private const FULLNESS = ['usual' => 1.0, 'sparse' => 0.5, 'full' => 1.5];

    public function asks(): array
    {
        return [
            ...Run::asks(),
            Ask::length('section', 72),
            Ask::count('bulbsPerSection', 100, 1, 1000),
            Ask::choice('fullness', ['usual', 'sparse', 'full']),
            Ask::count('strandBulbs', 100, 5, 1000),
            Ask::choice('start', ['by count', 'middle', 'left', 'right']),
            ...StrandCautions::asks(),
            ...Circuit::asks(),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $run = Run::of($given);
        $each = $given->count('strandBulbs');
        $bulbs = (int) ceil(
            $run->total() / $given->tenths('section') * $given->count('bulbsPerSection') * self::FULLNESS[$given->choice('fullness')]
                * (1 + $given->share('allowance')) - 1e-6,
        );
        $strands = intdiv($bulbs + $each - 1, $each);
        $isMiddle = $given->is('start', 'middle') || ($given->is('start', 'by count') && 0 === $strands % 2);
        $chain = $isMiddle ? intdiv($strands + 1, 2) : $strands;
        $watts = $given->is('power', 'plug') ? $strands * $given->number('strandWatts') : 0.0;
        $circuit = Circuit::of($given, $watts);
        $over = $strands * $each - $bulbs;
        $reach = Length::ofTenths((int) round($run->total() / $strands));
        $taken = $owned->take($strands, static fn(): float => 0.0, PieceKind::Lights);

        return new Answer(
            [
                new Said('strands', ['count' => $strands, 'each' => $each, 'bulbs' => $bulbs]),
                new Said($isMiddle ? 'start middle' : 'start ' . ($given->is('start', 'right') ? 'right' : 'left'), ['reach' => $reach]),
                new Said($isMiddle ? 'bulbs over' : 'bulbs over at the end', ['over' => $over, 'side' => $over / 2]),
            ],
            [
                ...$run->working($given),
                new Said(
                    'bulbs',
                    [
                        'total' => $run->length(),
                        'section' => $given->length('section'),
                        'per' => $given->count('bulbsPerSection'),
                        'factor' => self::FULLNESS[$given->choice('fullness')],
                        'bulbs' => $bulbs,
                    ],
                ),
                ...(0.0 !== $given->share('allowance') ? [new Said('allowance in', ['percent' => $given->number('allowance')])] : []),
                new Said('strands of', ['bulbs' => $bulbs, 'each' => $each, 'count' => $strands]),
                new Said('strand reach', ['reach' => $reach]),
                ...($given->is('power', 'plug') ? $circuit->working($watts) : []),
            ],
            $this->sketch($run, $strands, $isMiddle, $given->is('start', 'right')),
            [
                new Supply(
                    'lights',
                    PieceKind::Lights,
                    $strands,
                    $taken,
                    Buying::of($given),
                    width: Length::ofInches(10),
                    height: Length::ofInches(4),
                    per: 'bulb',
                    perUnit: $each,
                ),
            ],
            [
                ...($isMiddle && 1 === $strands % 2 ? [new Said('odd strands', ['count' => $strands])] : []),
                new Said('lay out first'),
                ...StrandCautions::of($given, $chain),
                ...($given->is('power', 'plug') ? $circuit->cautions() : []),
            ],
            amount: $strands,
            tasks: [
                new Said('task lights', ['count' => $strands]),
                ...($given->is('power', 'battery') ? [new Said('task timers', ['count' => $strands])] : []),
            ],
        );
    }

    private function sketch(Run $run, int $strands, bool $isMiddle, bool $fromRight): Sketch
    {
        $marks = [$run->surface(), Mark::line(MarkRole::Garland, $run->between(0, $run->total()))];
        $left = $isMiddle ? intdiv($strands + 1, 2) : 0;
        $step = $run->total() / $strands;
        for ($i = 0; $i < $strands; ++$i) {
            $marks[] = Mark::line(MarkRole::Light, $run->between($i * $step, ($i + 1) * $step), new Said('strand', ['number' => $i + 1]));
        }
        $plug = $isMiddle ? $left * $step : ($fromRight ? $run->total() : 0.0);
        for ($i = 0; $i <= $strands; ++$i) {
            [$x, $y] = $run->at($i * $step);
            if (abs($i * $step - $plug) > 1.0) {
                $isEnd = 0 === $i || $i === $strands;
                $marks[] = Mark::round(MarkRole::End, $x, $y, $isEnd ? 200 : 120, null, new Said($isEnd ? 'strand ends' : 'strands meet'));
            }
        }
        [$x, $y] = $run->at($plug);
        $marks[] = Mark::round(MarkRole::Plug, $x, $y, 220, null, new Said($isMiddle && $strands > 1 ? 'plugs meet' : 'plug'));

        return new Sketch($marks);
    }
}
