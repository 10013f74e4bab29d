<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\History;
use BrightCupboard\Core\Plan\Intent;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Plan\Target;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Whereabouts;
use BrightCupboard\Core\Storage\StoredTote;
use BrightCupboard\Core\Table\SuggestChoice;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayRulesTest extends TestCase
{
    public function testFetchingOpensTheToteAndPackingItLaterDoesNotOpenItAgain(): void
    {
        $tote = $this->tote('t', 30);
        $spot = new DaySpot(Make::spot(), 'Parlour', 0, 1);
        $now = new Whereabouts(['in' => ['tote:t' => 1], 'out' => ['spot:spot' => 1]]);
        $plan = (new Target([$tote]))->of(
            $now,
            [new Intent(Make::piece('in'), Choice::Bring, ['spot' => 1], 't'), new Intent(Make::piece('out'), Choice::Rest, [], 't')],
        );
        $tasks = (new DayPlanner())->tasks($plan->moves, [$spot], [$tote]);

        self::assertSame(['take down', 'clean', 'fetch', 'set up', 'pack away'], array_map(static fn(DayTask $task): string => $task->phase->value, $tasks));
        self::assertSame([null, null, 't', null, null], array_map(static fn(DayTask $task): ?string => $task->opensTote, $tasks));
    }

    public function testWhatOnlyHasSomethingAddedIsNotWiped(): void
    {
        $phases = static fn(bool $isBare, PlannedMove ...$moves): array => array_map(
            static fn(DayTask $task): string => $task->phase->value,
            (new DayPlanner())->tasks(array_values($moves), [new DaySpot(Make::spot(), 'Parlour', 0, 1, $isBare)], []),
        );
        $comes = new PlannedMove(Make::piece('in'), 1, Place::of(PlaceKind::Loose), Place::spot('spot'));
        $leaves = new PlannedMove(Make::piece('out'), 1, Place::spot('spot'), Place::of(PlaceKind::Loose));

        self::assertSame(['clean', 'fetch', 'set up'], $phases(true, $comes), 'dust lies on what is bare');
        self::assertSame(['fetch', 'set up'], $phases(false, $comes));
        self::assertSame(['take down', 'clean', 'fetch', 'set up', 'pack away'], $phases(false, $comes, $leaves));
    }

    public function testUndecidedAndLentAreLeftAlone(): void
    {
        $now = new Whereabouts(['a' => ['spot:spot' => 2], 'b' => ['lent' => 1]]);
        $plan = (new Target([]))->of($now, [new Intent(Make::piece('a'), null, [], null), new Intent(Make::piece('b'), Choice::Bring, ['spot' => 1], null)]);

        self::assertSame([], $plan->moves);
        self::assertSame(['b' => 1], $plan->missing);
    }

    public function testHeavyAndHighWorkTakesTwoAndSaysWhy(): void
    {
        $tasks = (new DayPlanner())->tasks(
            (new Target([]))->of(
                new Whereabouts(['fir' => ['loose' => 1]]),
                [new Intent(Make::piece('fir', grams: 13_000, hazards: [Hazard::NeedsLadder]), Choice::Bring, ['spot' => 1], null)],
            )->moves,
            [new DaySpot(Make::spot(), 'Parlour', 0, 1)],
            [],
        );
        $setUp = array_values(array_filter($tasks, static fn(DayTask $task): bool => Phase::SetUp === $task->phase))[0];

        self::assertSame(2, $setUp->effort->hands);
        self::assertSame(['Ladder: three points of contact, a second person.', 'Over 25 lb: carry with two.'], $setUp->cautions);
    }

    public function testWhatIsHungOutOfReachTakesALadderAndTwo(): void
    {
        $setUp = fn(int $inches): DayTask => array_values(array_filter(
            (new DayPlanner())->tasks(
                (new Target([]))->of(
                    new Whereabouts(['wreath' => ['loose' => 1]]),
                    [new Intent(Make::piece('wreath'), Choice::Bring, ['spot' => 1], null)],
                )->moves,
                [new DaySpot(Make::spot(), 'Parlour', 0, 1, hung: ['wreath' => $inches * 254, 'mirror up already' => 95 * 254])],
                [],
            ),
            static fn(DayTask $task): bool => Phase::SetUp === $task->phase,
        ))[0];

        self::assertSame([1, []], [$setUp(80)->effort->hands, $setUp(80)->cautions], 'what most reach (memory)');
        self::assertSame([2, true], [$setUp(81)->effort->hands, $setUp(81)->effort->climbs]);
        self::assertSame(['Ladder: three points of contact, a second person.'], $setUp(81)->cautions);
    }

    /** @return iterable<string, array{Piece, int, string|null, History, Choice}> */
    public static function suggestions(): iterable
    {
        $fresh = new History(0, 0, null);
        yield 'a staple that fits stays' => [Make::piece('a'), 95, 'mantel', $fresh, Choice::Stay];
        yield 'another season rests' => [Make::piece('a', seasons: [Season::Autumn]), 95, 'mantel', $fresh, Choice::Rest];
        yield 'a straddler may stay' => [Make::piece('a', seasons: [Season::Autumn, Season::Winter]), 70, 'mantel', $fresh, Choice::Stay];
        yield 'outside the look rests' => [Make::piece('a'), 59, 'mantel', $fresh, Choice::Rest];
        yield 'it stood elsewhere last winter' => [Make::piece('a'), 95, 'mantel', new History(2, 0, 'table'), Choice::Move];
        yield 'in season and in the look comes out' => [Make::piece('a', seasons: [Season::Winter]), 70, null, $fresh, Choice::Bring];
        yield 'not close enough to fetch' => [Make::piece('a', seasons: [Season::Winter]), 69, null, $fresh, Choice::Rest];
        yield 'idle for years and never fitting' => [Make::piece('a'), 30, null, new History(0, 4, null), Choice::Part];
        yield 'idle, but of another season' => [Make::piece('a', seasons: [Season::Summer]), 30, null, new History(0, 9, null), Choice::Rest];
    }

    #[DataProvider('suggestions')]
    public function testSuggestsAsTheTradeWould(Piece $piece, int $score, ?string $spot, History $history, Choice $expected): void
    {
        $suggestion = (new SuggestChoice(Season::Winter))->suggest($piece, new PieceFit($piece->id, $score, 0, 0.0, [], []), $spot, $history);

        self::assertSame($expected, $suggestion->choice);
        self::assertNotSame('', $suggestion->reason);
    }

    private function tote(string $id, float $side): StoredTote
    {
        return new StoredTote($id, strtoupper($id), 'attic', Make::size($side, $side, $side));
    }
}
