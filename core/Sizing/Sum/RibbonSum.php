<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Ask;
use BrightCupboard\Core\Sizing\Buying;
use BrightCupboard\Core\Sizing\Curves;
use BrightCupboard\Core\Sizing\Given;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\RibbonCuts;
use BrightCupboard\Core\Sizing\Run;
use BrightCupboard\Core\Sizing\Said;
use BrightCupboard\Core\Sizing\Sketch;
use BrightCupboard\Core\Sizing\Sum;

/** Ribbon on a run: folded accents, bows, long tails, posts wound; then cut off owned part rolls first, and off as few new rolls as can be. */
final readonly class RibbonSum implements Sum
{
    public function asks(): array
    {
        return [
            ...Run::asks(),
            Ask::yes('accents', true),
            Ask::length('accentEvery', 6, 240)->when('accents', 'yes'),
            Ask::length('accentLength', 12, 120)->when('accents', 'yes'),
            Ask::count('bows', 0, 0, 60)->ofThePlace(),
            Ask::count('loops', 6, 2, 30)->when('bows', Ask::SOME),
            Ask::length('loopLength', 4, 40)->when('bows', Ask::SOME),
            Ask::length('tailLength', 12, 240)->when('bows', Ask::SOME),
            Ask::count('longTails', 0, 0, 60),
            Ask::length('longTailLength', 36, 480)->when('longTails', Ask::SOME),
            Ask::count('posts', 0, 0, 60),
            Ask::length('postHeight', 36, 480)->when('posts', Ask::SOME),
            Ask::length('postAround', 4, 120)->when('posts', Ask::SOME),
            Ask::number('postTurns', 4, 0.5, 40)->when('posts', Ask::SOME),
            Ask::length('roll', 360, 3600),
            ...Buying::asks(),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $run = Run::of($given);
        $accents = $given->yes('accents') ? max(1, (int) floor($run->total() / $given->tenths('accentEvery') + 1e-9)) : 0;
        $cuts = new RibbonCuts();
        $cuts->add('accent', $accents, $given->tenths('accentLength'), 'accentEvery');
        $bow = self::bow($given);
        $cuts->add('bow', $given->count('bows'), $bow, 'bows');
        $cuts->add('long tail', $given->count('longTails'), $given->tenths('longTailLength'), 'longTails');
        $post = (int) round(Curves::helix($given->tenths('postHeight'), $given->number('postTurns'), $given->tenths('postAround')));
        $cuts->add('post', $given->count('posts'), $post, 'posts');
        $cuts->allow($given->share('allowance'), $given->tenths('accentLength'));
        $working = [
            ...$run->working($given),
            ...($accents > 0
                ? [new Said(
                    'accents',
                    ['total' => $run->length(), 'every' => $given->length('accentEvery'), 'count' => $accents, 'each' => $given->length('accentLength')],
                )]
                : []),
            ...($given->count('bows') > 0
                ? [new Said(
                    'bow',
                    [
                        'loops' => $given->count('loops'),
                        'loop' => $given->length('loopLength'),
                        'tail' => $given->length('tailLength'),
                        'each' => Length::ofTenths($bow),
                        'count' => $given->count('bows'),
                    ],
                )]
                : []),
            ...($given->count('longTails') > 0
                ? [new Said('long tails', ['count' => $given->count('longTails'), 'each' => $given->length('longTailLength')])]
                : []),
            ...($given->count('posts') > 0
                ? [new Said(
                    'post ribbon',
                    [
                        'count' => $given->count('posts'),
                        'height' => $given->length('postHeight'),
                        'turns' => $given->number('postTurns'),
                        'around' => $given->length('postAround'),
                        'each' => Length::ofTenths($post),
                    ],
                )]
                : []),
        ];

        return $cuts->answer($given, $owned, $working, $this->sketch($run, $accents, $given));
    }

    /** Each loop is folded, so it takes twice its length; two tails (common practice, worked by hand in the tests). */
    private static function bow(Given $given): int
    {
        return $given->count('loops') * 2 * $given->tenths('loopLength') + 2 * $given->tenths('tailLength');
    }

    private function sketch(Run $run, int $accents, Given $given): Sketch
    {
        $inch = Length::TENTHS_PER_INCH;
        $marks = [$run->surface(), Mark::line(MarkRole::Garland, $run->between(0, $run->total()))];
        for ($i = 0; $i < $accents; ++$i) {
            [$x, $y] = $run->at($run->total() * ($i + 0.5) / $accents);
            $half = $given->tenths('accentLength') / 2;
            $marks[] = Mark::line(MarkRole::Ribbon, [[$x - $half * 0.22, $y + $half], [$x, $y], [$x + $half * 0.26, $y + $half * 0.94]]);
        }
        $bows = $given->count('bows');
        for ($i = 0; $i < $bows; ++$i) {
            [$x, $y] = $run->at($run->total() * (1 === $bows ? 0.5 : $i / ($bows - 1)));
            $marks[] = Mark::round(MarkRole::Bow, $x, $y, $given->tenths('loopLength'), $given->tenths('loopLength') * 0.6, new Said('bow mark'));
        }
        for ($i = 0; $i < $given->count('longTails'); ++$i) {
            [$x, $y] = $run->at(0 === $i % 2 ? 0.0 : $run->total());
            $shift = intdiv($i, 2) * 1.2 * $inch * (0 === $i % 2 ? 1 : -1);
            $marks[] = Mark::line(MarkRole::Ribbon, [[$x + $shift, $y], [$x + $shift + 0.5 * $inch, $y + $given->tenths('longTailLength')]]);
        }

        return new Sketch($marks);
    }
}
