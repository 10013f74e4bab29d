<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\CutRoll;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\LengthCover;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Run;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Sizing\Taken;
use BrightCupboard\Core\Stock\PieceKind;

/** How much garland a run takes: lengths of what is owned laid first, sections of 6 ft bought (CP), joins, and the offcut that becomes stock. */
final readonly class GarlandSum implements Sum
{
    public function asks(): array
    {
        return [
            ...Run::asks(),
            Ask::count('layers', 1, 1, 4),
            Ask::length('section', 72),
            Ask::choice('hidden', ['none', 'left', 'right']),
            Ask::length('tolerance', 12, 120)->when('hidden', 'left', 'right'),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $run = Run::of($given);
        $section = $given->tenths('section');
        $layers = $given->count('layers');
        $total = $run->total() * $layers * (1 + $given->share('allowance'));
        $slack = $given->is('hidden', 'none') ? 0 : $given->tenths('tolerance');
        [$taken, $bought] = (new LengthCover())->of(max(1.0, $total - $slack), $section, $owned->ofKind(PieceKind::Garland));
        $laid = $this->laid($taken, $bought, $section, $given->is('hidden', 'left'));
        $sum = array_sum(array_column($laid, 0));
        $joins = max(0, \count($laid) - $layers);
        $over = (int) round(max(0, $sum - $total));
        $short = (int) round(max(0, $total - $sum));
        $length = Length::ofTenths((int) round($total));
        $figures = [new Said(
            1 === \count($laid) ? 'garland one' : 'garland pieces',
            ['count' => \count($laid), 'total' => $length, 'bought' => $bought, 'section' => $given->length('section')],
        )];
        $figures[] = new Said(match ($joins) {
            0 => 'garland no join', 1 => 'garland join', default => 'garland joins',
        }, ['joins' => $joins]);
        $figures[] = 0 < $short
            ? new Said('garland short', ['short' => Length::ofTenths($short), 'side' => $given->choice('hidden')])
            : new Said(0 === $over ? 'no offcut' : 'offcut', ['offcut' => Length::ofTenths($over)]);

        return new Answer(
            $figures,
            $this->working($given, $run, $length, $taken, $bought),
            $this->sketch($run, $laid, $total / $layers, $layers, $over),
            [
                new Supply(
                    'garland',
                    PieceKind::Garland,
                    \count($laid),
                    $taken,
                    Buying::of($given),
                    $bought,
                    $given->length('section'),
                    $given->length('section'),
                    per: 'length',
                    perUnit: $section / 10_000,
                    lengths: $owned->ofKind(PieceKind::Garland),
                ),
            ],
            $run->overhang > 0 ? [new Said('children pull')] : [],
            cuts: $this->cut($laid, $over),
            amount: $length,
            tasks: [new Said('task garland', ['count' => \count($laid), 'joins' => $joins])],
        );
    }

    /**
     * @param list<Taken> $taken
     *
     * @return list<array{int, Taken|null}> lengths from left to right; what is short lies at the hidden end
     */
    private function laid(array $taken, int $bought, int $section, bool $fromRight): array
    {
        $laid = [];
        foreach ($taken as $one) {
            array_push($laid, ...array_fill(0, $one->units, [$one->from->run->tenths(), $one]));
        }
        array_push($laid, ...array_fill(0, $bought, [$section, null]));

        return $fromRight ? array_reverse($laid) : $laid;
    }

    /**
     * The last length is cut where the run ends, when it is an owned one.
     *
     * @param list<array{int, Taken|null}> $laid
     *
     * @return list<CutRoll>
     */
    private function cut(array $laid, int $over): array
    {
        [$length, $from] = $laid[\count($laid) - 1] ?? [0, null];

        return null === $from || 0 === $over || $over >= $length ? [] : [new CutRoll($from->from, $length, [$length - $over], isUsedUp: false)];
    }

    /**
     * @param list<Taken> $taken
     *
     * @return list<Said>
     */
    private function working(Given $given, Run $run, Length $total, array $taken, int $bought): array
    {
        $working = $run->working($given);
        if ($given->count('layers') > 1) {
            $working[] = new Said(
                'layers',
                ['layers' => $given->count('layers'), 'total' => Length::ofTenths((int) round($run->total() * $given->count('layers')))],
            );
        }
        if (0.0 !== $given->share('allowance')) {
            $working[] = new Said('allowance', ['percent' => $given->number('allowance'), 'total' => $total]);
        }
        foreach ($taken as $one) {
            $working[] = new Said('owned length', ['count' => $one->units, 'name' => $one->from->piece->name, 'each' => $one->from->run]);
        }
        if ($bought > 0) {
            $working[] = new Said(
                [] === $taken ? 'sections' : 'sections more',
                ['total' => $total, 'section' => $given->length('section'), 'count' => $bought],
            );
        }

        return $working;
    }

    /** @param list<array{int, Taken|null}> $laid */
    private function sketch(Run $run, array $laid, float $layer, int $layers, int $over): Sketch
    {
        $marks = [$run->surface()];
        $joins = [];
        $at = 0.0;
        $reach = $run->total();
        $scale = $reach / $layer;
        foreach ($laid as $i => [$length, $from]) {
            $left = min((float) $length, $layer * $layers - $at);
            while ($left > 0.5) {
                $row = (int) floor(($at + 0.5) / $layer);
                $in = $at - $row * $layer;
                $step = min($left, $layer - $in);
                $down = $row * 3.0 * Length::TENTHS_PER_INCH;
                $label = $left === min((float) $length, $layer * $layers - $at) && $step > $layer / 12
                    ? new Said(null === $from ? 'to buy' : 'named', ['name' => $from->from->piece->name ?? '', 'length' => Length::ofTenths($length)])
                    : null;
                $marks[] = Mark::line(
                    null === $from ? MarkRole::Ghost : MarkRole::Garland,
                    $run->between($in * $scale, ($in + $step) * $scale, $down),
                    $label,
                    $from?->from->piece->id,
                );
                if ($i > 0 && $in > 1.0 && $left === min((float) $length, $layer * $layers - $at)) {
                    [$x, $y] = $run->at($in * $scale);
                    $joins[] = Mark::round(MarkRole::Join, $x, $y + $down, 200, 200, new Said('join'));
                }
                $at += $step;
                $left -= $step;
            }
        }
        if ($over > 0) {
            [$x, $y] = $run->at($reach);
            $marks[] = Mark::line(
                MarkRole::Rest,
                [[$x - $over, $y + 9.0 * Length::TENTHS_PER_INCH], [$x, $y + 9.0 * Length::TENTHS_PER_INCH]],
                new Said('rest', ['length' => Length::ofTenths($over)]),
            );
        }

        return new Sketch([...$marks, ...$joins]);
    }
}
