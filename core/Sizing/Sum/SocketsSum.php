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
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;

/** What one outlet's circuit may take, and how long an extension has to be along the wall, not across the room. */
final readonly class SocketsSum implements Sum
{
    /** Left lying slack, so that nothing pulls (memory). */
    private const SLACK = 1.1;
    /** Lengths that leads are sold in, in feet (common sizes, memory). */
    private const LEADS = [3, 6, 9, 12, 15, 25, 50, 100];

    public function asks(): array
    {
        return [
            ...Circuit::asks(),
            Ask::count('lightStrands', 2, 0, 100),
            Ask::number('strandWatts', 5, 0.1, 500),
            Ask::count('lamps', 1, 0, 30),
            Ask::number('lampWatts', 9, 1, 500),
            Ask::length('alongWall', 96, 1800)->ofThePlace(),
            Ask::lengthOrNone('upWall', 0, 300)->ofThePlace(),
            Ask::choice('crosses', ['nothing', 'a doorway', 'a rug']),
            Ask::yes('outdoors'),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $lights = $given->count('lightStrands') * $given->number('strandWatts');
        $lamps = $given->count('lamps') * $given->number('lampWatts');
        $circuit = Circuit::of($given, $lights + $lamps);
        $way = ($given->tenths('alongWall') + $given->tenths('upWall')) * self::SLACK;
        $feet = $way / 12 / Length::TENTHS_PER_INCH;
        $lead = array_values(array_filter(self::LEADS, static fn(int $one): bool => $one >= $feet - 1e-9))[0] ?? null;
        $free = $circuit->limit() - $circuit->watts;

        return new Answer(
            [
                new Said($circuit->isOver() ? 'outlet over' : 'outlet takes', ['watts' => $circuit->watts, 'limit' => $circuit->limit(), 'free' => abs($free)]),
                null === $lead
                    ? new Said('lead too long', ['way' => Length::ofTenths((int) round($way))])
                    : new Said('lead', ['lead' => Length::ofInches($lead * 12), 'way' => Length::ofTenths((int) round($way))]),
            ],
            [
                new Said('light watts', ['count' => $given->count('lightStrands'), 'each' => $given->number('strandWatts'), 'watts' => $lights]),
                new Said('lamp watts', ['count' => $given->count('lamps'), 'each' => $given->number('lampWatts'), 'watts' => $lamps]),
                ...$circuit->working($lights + $lamps),
                new Said('lead way', ['along' => $given->length('alongWall'), 'up' => $given->length('upWall'), 'way' => Length::ofTenths((int) round($way))]),
            ],
            $this->sketch($given, $circuit, [$lights, $lamps]),
            null === $lead
                ? []
                : [new Supply('lead', PieceKind::Box, 1, [], Buying::of($given), 1, Length::ofInches($lead * 12), Length::ofInches(4), Length::ofInches(2))],
            [
                ...($given->is('crosses', 'nothing') ? [] : [new Said($given->is('crosses', 'a rug') ? 'under a rug' : 'through a doorway')]),
                ...($given->yes('outdoors') ? [new Said('outdoors')] : []),
                ...$circuit->cautions(),
                new Said('one lead'),
            ],
        );
    }

    /** @param array{float, float} $own lights and lamps in watts */
    private function sketch(Given $given, Circuit $circuit, array $own): Sketch
    {
        $scale = 40_000 / max(1.0, $circuit->limit(), $circuit->watts);
        $whole = $circuit->volts * $circuit->amps;
        $marks = [Mark::box(MarkRole::Surface, 0, 0, max($circuit->limit(), min($whole, $circuit->watts)) * $scale, 5000)];
        $at = 0.0;
        foreach (['lights mark' => $own[0], 'lamps mark' => $own[1], 'others mark' => $given->number('otherWatts')] as $what => $watts) {
            if ($watts > 0) {
                $marks[] = Mark::box(MarkRole::Load, $at, 600, $watts * $scale, 3800, new Said($what, ['watts' => $watts]));
                $at += $watts * $scale;
            }
        }
        $marks[] = Mark::line(
            MarkRole::Limit,
            [[$circuit->limit() * $scale, -800], [$circuit->limit() * $scale, 5800]],
            new Said('limit mark', ['limit' => $circuit->limit()]),
        );

        return new Sketch($marks, isLaid: false);
    }
}
