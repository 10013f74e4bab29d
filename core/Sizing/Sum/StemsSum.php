<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing\Sum;

use BrightCupboard\Core\Measure\Area;
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
use BrightCupboard\Core\Sizing\Vessel;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Stems for a vessel: how high they finish (1.5 to 2 times the vessel, a floristry rule of thumb), how many its
 * mouth takes, and what to do with those that are too long.
 */
final readonly class StemsSum implements Sum
{
    /**
     * Stems for each square inch of the mouth: 12 in a mouth of 6 in, 2 to 3 in one of 3 in (CP: 6 leafy, 3 twigs,
     * 3 accents in a large vase; 2 in a small planter).
     */
    private const PER_SQUARE_INCH = 12 / (\M_PI * 9);
    private const FULLNESS = ['usual' => 1.0, 'sparse' => 0.6, 'full' => 1.5];
    private const MOST = 300;

    public function asks(): array
    {
        return [
            ...Vessel::asks(),
            Ask::choice('fullness', ['usual', 'sparse', 'full']),
            Ask::choice('recipe', ['leafy, twigs, accents', 'one kind']),
            Ask::number('times', 1.5, 1, 3),
            Ask::lengthOrNone('bottom', 0, 100),
            Ask::length('stemLength', 18, 120),
            ...Buying::asks(3),
        ];
    }

    public function reckon(Given $given, Owned $owned): Answer
    {
        $vessel = Vessel::of($given);
        $bottom = $given->tenths('bottom');
        if ($bottom >= $vessel->height) {
            throw InvalidSum::at('bottom', 'bottom too high', ['bottom' => $given->length('bottom'), 'height' => $given->length('vesselHeight')]);
        }
        $finished = $vessel->height * $given->number('times');
        $reach = (int) round($finished - $bottom);
        $stem = $given->tenths('stemLength');
        $room = $vessel->mouth() * self::PER_SQUARE_INCH * self::FULLNESS[$given->choice('fullness')] * (1 + $given->share('allowance'));
        if ($room > self::MOST) {
            throw InvalidSum::at('opening', 'too many stems', ['count' => (int) $room, 'limit' => self::MOST]);
        }
        $parts = $given->is('recipe', 'one kind') ? ['stems' => self::odd($room)] : self::parts($room);
        $count = array_sum($parts);
        $buying = Buying::of($given);
        $supplies = [];
        $spoken = [];
        foreach ($parts as $what => $needed) {
            $free = new Owned(array_values(array_filter($owned->pieces, static fn($one): bool => !isset($spoken[$one->piece->id]))));
            $taken = $free->take(
                $needed,
                static fn(Piece $piece): float => abs($piece->size->height->tenths() - $reach) + 10_000 * self::unlike($piece, $what),
                PieceKind::Bunch,
            );
            foreach ($taken as $one) {
                $spoken[$one->from->piece->id] = true;
            }
            $supplies[] = new Supply(
                $what,
                PieceKind::Bunch,
                $needed,
                $taken,
                $buying,
                width: Length::ofInches(6),
                height: $given->length('stemLength'),
                per: 'stem',
            );
        }

        return new Answer(
            [
                new Said('stems', ['count' => $count]),
                ...(4 > $count || 1 === \count($parts) ? [] : [new Said('stem parts', $parts)]),
                new Said(
                    'stem fate ' . ($stem > $reach + 50 ? 'long' : ($stem < $reach - 50 ? 'short' : 'right')),
                    ['finished' => Length::ofTenths((int) round($finished)), 'by' => Length::ofTenths(abs($stem - $reach))],
                ),
            ],
            [
                new Said(
                    'finished',
                    ['height' => $given->length('vesselHeight'), 'times' => $given->number('times'), 'finished' => Length::ofTenths((int) round($finished))],
                ),
                ...($bottom > 0 ? [new Said('from the bottom', ['bottom' => $given->length('bottom'), 'reach' => Length::ofTenths($reach)])] : []),
                new Said(
                    'mouth',
                    ['area' => new Area($vessel->mouth() * 0.00064516), 'room' => $room, 'fullness' => self::FULLNESS[$given->choice('fullness')]],
                ),
                new Said($given->is('recipe', 'one kind') ? 'odd stems' : 'recipe', ['count' => $count]),
            ],
            $this->sketch($vessel, $parts, $finished, (float) $bottom),
            $supplies,
            [new Said('toxic stems')],
            amount: $count,
        );
    }

    /** The nearest odd count, one at least. */
    private static function odd(float $room): int
    {
        return max(1, 2 * (int) floor($room / 2) + 1);
    }

    /** @return array<string, int> leafy : twigs : accents as 6 : 3 : 3; under four only the first ones */
    private static function parts(float $room): array
    {
        $share = (int) round($room / 4);

        return $share < 1 ? ['leafy' => max(1, (int) round($room))] : ['leafy' => 2 * $share, 'twigs' => $share, 'accents' => $share];
    }

    /** 0 when the name says that it is such a part, 1 when it does not say. */
    private static function unlike(Piece $piece, string $what): int
    {
        $words = [
            'leafy' => 'leaf|leaves|green|fern|eucalyptus|olive|bay|ivy|fir|pine',
            'twigs' => 'twig|branch|willow|birch|stick',
            'accents' => 'berr|flower|bloom|rose|head|thistle|poppy|cone',
        ];

        return isset($words[$what]) && 1 === preg_match('/' . $words[$what] . '/i', $piece->name) ? 0 : 1;
    }

    /** @param array<string, int> $parts */
    private function sketch(Vessel $vessel, array $parts, float $finished, float $bottom): Sketch
    {
        $marks = [];
        $all = array_sum($parts);
        $i = 0;
        foreach ($parts as $what => $count) {
            for ($n = 0; $n < $count; ++$n, ++$i) {
                $lean = (fmod($i * 0.618, 1.0) - 0.5) * 2; // evenly scattered, the same each time
                $top = $finished * (0.82 + 0.18 * (1 - abs($lean)));
                $marks[] = Mark::line(
                    'twigs' === $what ? MarkRole::Outline : MarkRole::Stem,
                    [[$lean * $vessel->opening / 6, -$bottom], [$lean * $vessel->opening / 2.6, -$vessel->height], [$lean * $finished * 0.45, -$top]],
                );
                if ('accents' === $what || 1 === $all) {
                    $marks[] = Mark::round(MarkRole::Ball, $lean * $finished * 0.45, -$top, 300);
                }
            }
        }
        $marks[] = Mark::area(MarkRole::Surface, $vessel->outline(0, $vessel->height));
        if ($bottom > 0) {
            $marks[] = Mark::area(MarkRole::Base, $vessel->outline(0, $bottom), new Said('false bottom'));
        }
        $half = max($finished * 0.5, $vessel->opening);
        $marks[] = Mark::line(
            MarkRole::Level,
            [[-$half, -$finished], [$half, -$finished]],
            new Said('finished at', ['finished' => Length::ofTenths((int) round($finished))]),
        );

        return new Sketch($marks);
    }
}
