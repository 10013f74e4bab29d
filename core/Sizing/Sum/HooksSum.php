<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Run;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;

/** Hooks along a run: one in the true centre, one at each end, even gaps between (CP: 12 ft takes five), each bearing half the gap to either side. */
final readonly class HooksSum implements Sum
{
    private const MOST = 201;
    /** Hooks of the usual cupboard bear 5 lb (CP), a section of 6 ft weighs about 2 lb (memory). */
    private const RATING = 2268;
    private const SECTION = 907;

    public function asks(): array
    {
        return [
            ...Run::asks(),
            Ask::count('layers', 1, 1, 4),
            Ask::length('section', 72),
            Ask::weight('sectionWeight', self::SECTION),
            Ask::weight('hungWeight', 0),
            Ask::length('gap', 36, 240),
            Ask::weight('rating', self::RATING),
            Ask::percent('margin', 50, 100),
            Ask::choice('above', ['nothing', 'seat', 'bed']),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $run = Run::of($given);
        $grams = $run->total() / $given->tenths('section') * $given->count('layers') * $given->grams('sectionWeight')
            * (1 + $given->share('allowance')) + $given->grams('hungWeight');
        $allowed = (int) floor($given->grams('rating') * $given->share('margin'));
        $byGap = $this->even($run->laid / $given->tenths('gap'));
        $gaps = $this->gaps($byGap, $grams, $run, $allowed);
        $hooks = $gaps + 1;
        $gap = $run->laid / $gaps;
        $loads = $this->loads($gaps, $grams, $run);
        $heaviest = max($loads);
        $taken = $owned->take($hooks, static fn(): float => 0.0, PieceKind::Hooks);

        return new Answer(
            [
                new Said('hooks', ['count' => $hooks, 'gap' => Length::ofTenths((int) round($gap))]),
                new Said('heaviest', ['load' => self::weight($heaviest), 'allowed' => self::weight($allowed)]),
            ],
            [
                ...$run->working($given),
                new Said('hook gaps', ['laid' => Length::ofTenths((int) round($run->laid)), 'most' => $given->length('gap'), 'gaps' => $byGap]),
                new Said('hook weight', ['weight' => self::weight($grams), 'hung' => Weight::ofGrams($given->grams('hungWeight'))]),
                new Said(
                    'hook allowed',
                    ['rating' => Weight::ofGrams($given->grams('rating')), 'percent' => $given->number('margin'), 'allowed' => self::weight($allowed)],
                ),
                ...($gaps > $byGap ? [new Said('hook closer', ['gaps' => $gaps])] : []),
                new Said('hook load', ['load' => self::weight($heaviest), 'end' => self::weight($loads[0])]),
            ],
            $this->sketch($run, $loads),
            [new Supply('hooks', PieceKind::Hooks, $hooks, $taken, Buying::of($given), width: Length::ofInches(1.5), height: Length::ofInches(2))],
            [...($given->is('above', 'nothing') ? [] : [new Said('over a ' . $given->choice('above'))]), new Said('hooks as made')],
            amount: $hooks,
            tasks: [new Said('task hooks', ['count' => $hooks, 'gap' => Length::ofTenths((int) round($gap))])],
        );
    }

    /** Gaps, even in number, so that one hook is in the true centre. */
    private function even(float $gaps): int
    {
        $even = 2 * (int) ceil($gaps / 2 - 1e-9);

        return $even + 1 > self::MOST ? throw InvalidSum::at('gap', 'too many hooks', ['count' => $even + 1, 'limit' => self::MOST]) : max(2, $even);
    }

    private function gaps(int $gaps, float $grams, Run $run, int $allowed): int
    {
        while (max($this->loads($gaps, $grams, $run)) > $allowed) {
            $gaps += 2;
            if ($gaps + 1 > self::MOST) {
                throw InvalidSum::at('rating', 'too heavy', ['weight' => self::weight($grams), 'limit' => self::MOST]);
            }
            if ($run->overhang > 0 && $this->loads($gaps, $grams, $run)[0] > $allowed && $grams * $run->overhang / $run->total() > $allowed) {
                throw InvalidSum::at(
                    'rating',
                    'end too heavy',
                    ['weight' => self::weight($grams * $run->overhang / $run->total()), 'allowed' => self::weight($allowed)],
                );
            }
        }

        return $gaps;
    }

    /** @return non-empty-list<float> grams on each hook: half the gap to either side, the ends with what hangs over */
    private function loads(int $gaps, float $grams, Run $run): array
    {
        $along = $run->laid / $gaps;
        $end = $grams * ($along / 2 + $run->overhang) / $run->total();

        return [$end, ...array_fill(0, $gaps - 1, $grams * $along / $run->total()), $end];
    }

    /** @param non-empty-list<float> $loads */
    private function sketch(Run $run, array $loads): Sketch
    {
        $marks = [$run->surface(), Mark::line(MarkRole::Garland, $run->between(0, $run->total()))];
        $gaps = \count($loads) - 1;
        foreach ($loads as $i => $load) {
            [$x, $y] = $run->at($run->overhang + $run->laid * $i / $gaps);
            $marks[] = Mark::round(
                MarkRole::Hook,
                $x,
                $y,
                180,
                180,
                new Said('hook at', ['at' => Length::ofTenths((int) round($run->laid * $i / $gaps)), 'load' => self::weight($load)]),
            );
        }

        return new Sketch($marks);
    }

    private static function weight(float $grams): Weight
    {
        return Weight::ofGrams((int) min(500_000, round($grams)));
    }
}
