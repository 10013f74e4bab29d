<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\Remedies;
use BrightCupboard\Core\Draft\Remedy;
use BrightCupboard\Core\Draft\RemedyAct;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whoever takes what is offered first is never led into a fault, and what is promised comes out as said. */
final class FirstCandidateTest extends TestCase
{
    private const SPOTS = 200;
    private const MOST = 7;

    public function testTakingTheFirstCandidateNeverMakesAFaultOfRoomOrSafety(): void
    {
        $random = new Randomizer(new Mt19937(808));
        $coach = new Coach();
        $by = Make::judgement(Make::look(BalanceSchool::OffCentre));
        for ($run = 0; $run < self::SPOTS; ++$run) {
            $kind = SpotKind::cases()[$run % \count(SpotKind::cases())];
            $dressing = SeededStock::bareSpot($random, $kind);
            $stock = SeededStock::cupboard($random, 60);
            for ($taken = 0; $taken < self::MOST; ++$taken) {
                $first = (new CandidateRanking())->rank($dressing, $stock, $by, Season::Winter, 6)->candidates[0] ?? null;
                if (null === $first || ($taken > 2 && $first->gain <= 0.0)) {
                    break;
                }
                $id = $first->available->piece->id;
                $dressing = $dressing->with(new PlacedPiece($id, $first->available->piece, 1, $first->stance));
                $stock = array_values(array_filter($stock, static fn(Available $one): bool => $one->piece->id !== $id));
            }
            $wrong = array_filter(
                $coach->lookOver($dressing, $by),
                static fn(Finding $one): bool => Verdict::Good !== $one->verdict && \in_array(
                    $one->check,
                    [Check::Room, Check::Flame, Check::Surroundings, Check::Posture],
                    true,
                ),
            );
            self::assertSame(
                [],
                array_map(
                    static fn(Finding $one): string => $one->check->value . ': ' . implode(', ', array_column($one->faults, 'code')),
                    array_values($wrong),
                ),
                "{$kind->value}, run {$run}",
            );
        }
    }

    public function testCandidatesAndRemediesPromiseWhatComesOut(): void
    {
        $random = new Randomizer(new Mt19937(909));
        $coach = new Coach();
        $by = Make::judgement(Make::look(BalanceSchool::OffCentre));
        $promises = 0;
        $acts = [];
        for ($run = 0; $promises < 500; ++$run) {
            $kind = SpotKind::cases()[$run % \count(SpotKind::cases())];
            $stock = SeededStock::cupboard($random, 30);
            $dressing = SeededStock::bareSpot($random, $kind);
            foreach (\array_slice($stock, 0, 4) as $i => $offer) {
                $dressing = $dressing->with(
                    new PlacedPiece(
                        'there-' . $i,
                        $offer->piece,
                        1,
                        new Stance(
                            $random->getInt(0, max(1, $dressing->spot->width->tenths() - 2000)),
                            Layer::Middle,
                            0,
                            0,
                            $dressing->spot->postureOf($offer->piece->kind),
                        ),
                    ),
                );
            }
            $candidates = (new CandidateRanking())->rank($dressing, \array_slice($stock, 4), $by, Season::Winter, 6)->candidates;
            $before = $coach->score($dressing, $coach->lookOver($dressing, $by));
            foreach ($candidates as $candidate) {
                $after = $dressing->with(new PlacedPiece('new', $candidate->available->piece, 1, $candidate->stance));
                self::assertEqualsWithDelta($before + $candidate->gain, $coach->score($after, $coach->lookOver($after, $by)), 1e-6);
                ++$promises;
            }
            $faces = [];
            foreach (\array_slice($stock, 0, 4) as $offer) {
                $faces[$offer->piece->id] = [new Face('brass side', [], [new ColourShare(Srgb::ofHex('#C9A24B'), 100)])];
            }
            $likely = (new CandidateRanking())->likely($dressing, \array_slice($stock, 4), $by, Season::Winter, 16);
            foreach ((new Remedies())->find($dressing, $likely, $by, \array_slice($stock, 4), $faces) as $remedy) {
                $acts[$remedy->act->value] = true;
                $after = $remedy->appliedTo($dressing);
                self::assertSame(self::unitsAfter($dressing, $remedy), Dressing::units($after->placed), $remedy->act->value . ': nothing is made or lost');
                self::assertEqualsWithDelta($remedy->after, $coach->score($after, $coach->lookOver($after, $by)), 1e-6);
                self::assertGreaterThan($remedy->before, $remedy->after);
                self::assertLessThanOrEqual(
                    Coach::unsafe($coach->lookOver($dressing, $by)),
                    Coach::unsafe($coach->lookOver($after, $by)),
                    'never at the cost of room or safety',
                );
                ++$promises;
            }
        }
        self::assertEqualsCanonicalizing(
            ['add', 'shift', 'swap', 'turn', 'take off'],
            array_values(array_diff(array_keys($acts), ['raise'])),
            'each kind of remedy was offered',
        );
    }

    private static function unitsAfter(Dressing $before, Remedy $remedy): int
    {
        return Dressing::units($before->placed) + match ($remedy->act) {
            RemedyAct::Add, RemedyAct::Raise => 1,
            RemedyAct::TakeOff => -$remedy->piece->count,
            default => 0,
        };
    }
}
