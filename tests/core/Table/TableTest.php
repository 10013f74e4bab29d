<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Table;

use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\Fate;
use BrightCupboard\Core\Plan\History;
use BrightCupboard\Core\Stock\PieceSet;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Table\Confidence;
use BrightCupboard\Core\Table\Consequences;
use BrightCupboard\Core\Table\Guard;
use BrightCupboard\Core\Table\SuggestChoice;
use BrightCupboard\Core\Table\TableGuards;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The table: what is suggested and how surely, what a decision would change, and the classic mistakes. */
final class TableTest extends TestCase
{
    /** @return iterable<string, array{int, list<Season>, string|null, History, Choice, Confidence}> fit, seasons, spot now, history, choice, confidence */
    public static function suggestions(): iterable
    {
        $new = new History(0, null, null);
        yield 'out, far inside the look' => [95, [], 'shelf', $new, Choice::Stay, Confidence::Sure];
        yield 'out, just over the line' => [64, [], 'shelf', $new, Choice::Stay, Confidence::Unsure];
        yield 'out, a little over it' => [70, [], 'shelf', $new, Choice::Stay, Confidence::Likely];
        yield 'out, outside the look' => [30, [], 'shelf', $new, Choice::Rest, Confidence::Sure];
        yield 'out, of another season' => [95, [Season::Autumn], 'shelf', $new, Choice::Rest, Confidence::Sure];
        yield 'out, stood elsewhere last winter' => [95, [], 'shelf', new History(2, 0, 'hall'), Choice::Move, Confidence::Sure];
        yield 'in store, in the look' => [90, [Season::Winter], null, $new, Choice::Bring, Confidence::Sure];
        yield 'in store, near the line' => [73, [], null, $new, Choice::Bring, Confidence::Unsure];
        yield 'in store, against what was decided last time' => [95, [], null, new History(1, 3, null, Choice::Rest), Choice::Bring, Confidence::Unsure];
        yield 'in store, as last time' => [95, [], null, new History(1, 3, null, Choice::Bring), Choice::Bring, Confidence::Sure];
        yield 'long idle and outside: never sure of that' => [20, [], null, new History(1, 5, null), Choice::Part, Confidence::Unsure];
    }

    /** @param list<Season> $seasons */
    #[DataProvider('suggestions')]
    public function testSuggests(int $fit, array $seasons, ?string $spot, History $history, Choice $choice, Confidence $confidence): void
    {
        $suggestion = (new SuggestChoice(Season::Winter))->suggest(
            Make::piece('piece', seasons: $seasons),
            new PieceFit('piece', $fit, 0, 0.0, [], []),
            $spot,
            $history,
        );

        self::assertSame([$choice, $confidence], [$suggestion->choice, $suggestion->confidence]);
        self::assertNotSame('', $suggestion->reason);
    }

    public function testSaysWhatWasNotedAndDecidedLastTime(): void
    {
        $suggestion = (new SuggestChoice(Season::Winter))->suggest(
            Make::piece('jug'),
            new PieceFit('jug', 90, 0, 0.0, [], []),
            null,
            new History(1, 0, null, Choice::Rest, 'The jug was in the cellar all along.'),
        );

        self::assertSame('Fit 90, for winter. Noted last time: “The jug was in the cellar all along.” Last winter you decided rest.', $suggestion->reason);
    }

    /** @return iterable<string, array{list<Fate>, bool, list<string>}> fates, whether packing has begun, codes */
    public static function tables(): iterable
    {
        $fate = static fn(string $id, ?Choice $choice, array $placed = [], array $now = []): Fate => new Fate(Make::piece($id), $choice, $placed, $now);
        yield 'nothing decided' => [[$fate('a', null, [], ['shelf'])], false, []];
        yield 'planned and to part with' => [[$fate('a', Choice::Part, ['shelf' => 1])], false, ['parting']];
        yield 'a set torn apart' => [[$fate('left', Choice::Stay), $fate('right', Choice::Rest)], false, ['set']];
        yield 'a set that rests whole' => [[$fate('left', Choice::Rest), $fate('right', Choice::Rest)], false, []];
        yield 'half a set not decided yet' => [[$fate('left', Choice::Stay), $fate('right', null)], false, []];
        yield 'a hole where something was borrowed' => [[$fate('a', Choice::Move, ['hall' => 1], ['shelf'])], false, ['hole']];
        yield 'a hole that is filled again' => [[$fate('a', Choice::Move, ['hall' => 1], ['shelf']), $fate('b', Choice::Bring, ['shelf' => 1])], false, []];
        yield 'a spot where something stays' => [[$fate('a', Choice::Move, ['hall' => 1], ['shelf']), $fate('b', null, [], ['shelf'])], false, []];
        yield 'packed before all were looked at' => [[$fate('a', null, [], ['shelf']), $fate('b', Choice::Rest, [], ['shelf'])], true, ['packing']];
        yield 'packed when all are decided' => [[$fate('b', Choice::Rest, [], ['shelf'])], true, []];
    }

    /**
     * @param list<Fate>   $fates
     * @param list<string> $codes
     */
    #[DataProvider('tables')]
    public function testGuardsAgainstTheClassicMistakes(array $fates, bool $isPacking, array $codes): void
    {
        $sets = ['left' => new PieceSet('Bookends', 2), 'right' => new PieceSet('bookends', 2)];
        $guards = (new TableGuards())->watch(
            array_column(array_map(static fn(Fate $fate): array => [$fate->piece->id, $fate], $fates), 1, 0),
            $sets,
            ['shelf' => 'Stove shelf'],
            $isPacking,
        );

        self::assertSame($codes, array_map(static fn(Guard $guard): string => $guard->code, $guards));
    }

    public function testForeseesSharesSpotAndSet(): void
    {
        $look = Make::look();
        $ember = new Fate(Make::piece('ember', height: 20, width: 10), null, [], ['shelf']);
        $fates = [
            'ember' => $ember,
            'urn' => new Fate(Make::piece('urn', colours: [['#3E5F5A', 100]], height: 10, width: 10), Choice::Stay, [], ['shelf']),
            'twin' => new Fate(Make::piece('twin', colours: [['#F0E7D4', 100]], height: 10, width: 10), Choice::Stay, [], ['hall']),
        ];
        $said = (new Consequences($look, new FitMeter($look)))->of(
            $ember,
            $fates,
            ['ember' => new PieceSet('pair', 2), 'twin' => new PieceSet('pair', 2)],
            ['shelf' => 'Stove shelf'],
        );

        self::assertSame(
            [
                'Tallow falls from 50 to 25 % of what is seen, 50 wanted.',
                'Juniper falls from 50 to 25 % of what is seen, 30 wanted.',
                'Ember rises from 0 to 50 % of what is seen, 20 wanted.',
            ],
            $said['stay'],
        );
        self::assertContains('Stove shelf loses its tallest; 1 is left there.', $said['rest']);
        self::assertContains('The set “pair” would be torn apart: Twin is out.', $said['rest']);
        self::assertContains('Ember falls from 50 to 0 % of what is seen, 20 wanted.', $said['part']);
    }
}
