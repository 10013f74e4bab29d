<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Search;

use BrightCupboard\Core\Search\Asking;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Search\TitleQuery;
use BrightCupboard\Core\Search\Totals;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Questions about what is no piece, and what a question wants to know. */
final class TitleQueryTest extends TestCase
{
    #[TestWith(['empty totes', 'tote', 'empty'])]
    #[TestWith(['which boxes are full', 'tote', 'full'])]
    #[TestWith(['totes with room in the attic', 'tote', 'room'])]
    #[TestWith(['notes about the porch', 'note', null])]
    #[TestWith(['what is on the shopping list', 'line', null])]
    #[TestWith(['boxes', null, null])]
    #[TestWith(['what is in tote a1', null, null])]
    public function testReadsWhatItIsAbout(string $question, ?string $kind, ?string $fill): void
    {
        $asked = TitleQuery::read($question);

        self::assertSame([$kind, $fill, null !== $kind], [$asked->kind, $asked->fill, $asked->isElsewhere()]);
    }

    public function testFindsByWholeWords(): void
    {
        $asked = TitleQuery::read('notes about the porch hooks');

        self::assertTrue($asked->matches('note', 'The hook on the porch held all winter.'));
        self::assertFalse($asked->matches('note', 'The porch was wet.'));
        self::assertFalse($asked->matches('look', 'Porch hooks'));
        self::assertFalse(TitleQuery::read('')->matches('look', 'Juniper'));
        self::assertTrue(TitleQuery::read('juniper')->matches('look', 'Juniper & Ember'));
        self::assertFalse(TitleQuery::read('ant')->matches('spot', 'Mantel'), 'A short word is a word, not a few letters of another.');
    }

    public function testHowFull(): void
    {
        self::assertSame(
            [true, false, true, false],
            [
                TitleQuery::read('empty totes')->isFilledAsAsked(0.0, 0),
                TitleQuery::read('empty totes')->isFilledAsAsked(0.1, 1),
                TitleQuery::read('full totes')->isFilledAsAsked(0.9, 4),
                TitleQuery::read('totes with room')->isFilledAsAsked(0.7, 4),
            ],
        );
    }

    #[TestWith(['how many stockings', Asking::HowMany])]
    #[TestWith(['what is left of the ribbon', Asking::HowLong])]
    #[TestWith(['how much garland is there', Asking::HowLong])]
    #[TestWith(['what did the quilt cost', Asking::Cost])]
    #[TestWith(['how much did we pay for the lanterns', Asking::Cost])]
    #[TestWith(['what are the mirrors worth', Asking::Worth])]
    #[TestWith(['how heavy is the urn', Asking::Weight])]
    #[TestWith(['red bowls', Asking::Which])]
    public function testReadsWhatItWantsToKnow(string $question, Asking $asking): void
    {
        self::assertSame($asking, Asking::of($question));
    }

    public function testAddsUpWhatIsKnownAndCountsWhatIsNot(): void
    {
        $card = static fn(int $cost, int $grams, int $count, int $run): SearchCard => new SearchCard(
            'x',
            '',
            '',
            [],
            0,
            0,
            0,
            null,
            [],
            $cost,
            0,
            $grams,
            $count,
            '',
            $run,
        );
        $totals = (new Totals())->with($card(400, 100, 3, 3048))->with($card(0, 0, 2, 0));

        self::assertSame(
            [5, 1200, 2, 1200, 300, 2, 9144],
            [$totals->units, $totals->cost, $totals->unpriced, $totals->worth, $totals->grams, $totals->unweighed, $totals->run],
        );
    }
}
