<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Search;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Search\Answered;
use BrightCupboard\Core\Search\Found;
use BrightCupboard\Core\Search\Opening;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Search\StockQuery;
use BrightCupboard\Core\Stock\PieceKind;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Small, tall and wide for what it is; what almost fits; words of a home; on things of every kind and size. */
final class ByKindTest extends TestCase
{
    /** Of every kind a thing half as large as usual is small, one twice as large is big, and the usual is neither. */
    public function testEveryKindHasItsOwnMeasure(): void
    {
        foreach (PieceKind::cases() as $kind) {
            $cards = static fn(): array => [self::card('half', $kind, 0.5), self::card('usual', $kind, 1.0), self::card('twice', $kind, 2.0)];

            self::assertSame(['half'], self::ids(self::ask('small things', $cards)), $kind->value);
            self::assertSame(['twice'], self::ids(self::ask('big things', $cards)), $kind->value);
            self::assertSame(['twice'], self::ids(self::ask('tall things', $cards)), $kind->value);
            self::assertEqualsCanonicalizing(['usual', 'twice'], self::ids(self::ask('not small', $cards)), $kind->value);
        }
    }

    public function testAWordInTheNameCountsAsWell(): void
    {
        $cards = static fn(): array => [self::card('a', PieceKind::House, 1.0, 'little house of tin'), self::card('b', PieceKind::House, 1.0, 'cottage')];

        self::assertSame(['a'], self::ids(self::ask('tiny or little houses of tin', $cards)));
    }

    /** What is shown as almost so is off by a little: never met, never far. */
    public function testAlmostIsNear(): void
    {
        $random = new Randomizer(new Mt19937(8));
        for ($i = 0; $i < 60; ++$i) {
            $limit = $random->getInt(5, 30);
            $cards = [];
            for ($n = 0; $n < 40; ++$n) {
                $cards[] = new SearchCard("c{$n}", "vase {$n}", 'vase', [], 254 * 5, 254 * 5, 254 * $random->getInt(2, 40), 0, ['tote'], kind: 'vase');
            }
            $answered = self::ask("vases under {$limit} in", static fn(): array => $cards);
            $heights = array_column(array_map(static fn(SearchCard $card): array => [$card->id, $card->height], $cards), 1, 0);
            $met = array_map(
                static fn(SearchCard $card): string => $card->id,
                array_values(array_filter($cards, static fn(SearchCard $card): bool => $card->height <= 254 * $limit)),
            );

            self::assertEqualsCanonicalizing($met, self::ids($answered));
            foreach ($answered->found as $found) {
                if ([] !== $found->misses && [] !== $met) {
                    self::assertGreaterThan(254 * $limit, $heights[$found->id]);
                    self::assertLessThanOrEqual(254 * $limit * 1.12, $heights[$found->id]);
                }
            }
        }
    }

    public function testWhatAlmostGoesIntoATote(): void
    {
        $card = static fn(string $id, int $inches): SearchCard => new SearchCard(
            $id,
            "box {$id}",
            'box',
            [],
            254 * $inches,
            254 * $inches,
            254 * $inches,
            0,
            ['loose'],
            kind: 'box',
        );
        $query = StockQuery::read('boxes that fit in a1', LengthUnit::Inch, new ColourNames(), [new Opening('a1', 2540, 2540, 2540, true)]);
        $answered = $query->among(static fn(): array => [$card('in', 10), $card('almost', 11), $card('never', 14)]);

        self::assertSame([['in', []], ['almost', ['fits in a1']]], array_map(static fn(Found $one): array => [$one->id, $one->misses], $answered->found));
    }

    public function testAWordOfTheHomeIsAnyOfWhatItMeans(): void
    {
        $cards = static fn(): array => [
            new SearchCard('basket', 'apple basket', 'basket reed', [], 1, 1, 1, 0, []),
            new SearchCard('stems', 'wheat', 'bunch dried stems', [], 1, 1, 1, 0, []),
            new SearchCard('bell', 'brass bell', 'bell brass', [], 1, 1, 1, 0, []),
            new SearchCard('sign', 'boho sign', 'picture wood', [], 1, 1, 1, 0, []),
        ];
        $words = ['boho' => 'wicker, dried'];

        self::assertEqualsCanonicalizing(['sign'], self::ids(self::ask('boho', $cards)), 'Without the word only the name says it.');
        self::assertEqualsCanonicalizing(['basket', 'stems', 'sign'], self::ids(self::ask('boho', $cards, $words)));
        self::assertSame(['bell'], self::ids(self::ask('not boho', $cards, $words)));
        self::assertSame(['basket'], self::ids(self::ask('boho basket', $cards, $words)));
        self::assertSame(['sign'], self::ids(self::ask('boho sign', $cards, ['boho' => 'boho'])), 'A word that means itself does not go round in circles.');
    }

    /** What was found adds up to what the pieces say, whatever was asked. */
    public function testTotalsAreThoseOfWhatWasFound(): void
    {
        $random = new Randomizer(new Mt19937(21));
        $cards = [];
        for ($i = 0; $i < 200; ++$i) {
            $kind = ['vase', 'ribbon', 'bell', 'garland'][$random->getInt(0, 3)];
            $cards["c{$i}"] = new SearchCard(
                "c{$i}",
                "{$kind} {$i}",
                $kind,
                [],
                254 * $random->getInt(2, 30),
                254,
                254 * $random->getInt(2, 30),
                0,
                ['tote'],
                $random->getInt(0, 3) * 100,
                0,
                $random->getInt(0, 2) * 250,
                $random->getInt(1, 5),
                $kind,
                'vase' === $kind ? 0 : $random->getInt(1, 90) * 254,
            );
        }
        foreach ([
            'how many vases', 'what did the bells cost', 'what is left of the ribbon', 'vases under 10 in', 'garland or ribbon',
            'not vases',
        ] as $question) {
            $answered = self::ask($question, static fn(): array => $cards);
            $found = array_map(static fn(string $id): SearchCard => $cards[$id], self::ids($answered));
            $sum = static fn(\Closure $of): int => array_sum(array_map($of, $found));
            $totals = $answered->totals;

            self::assertNotSame([], $found, $question);
            self::assertSame(
                [
                    $sum(static fn(SearchCard $card): int => $card->count),
                    $sum(static fn(SearchCard $card): int => $card->cost * $card->count),
                    $sum(static fn(SearchCard $card): int => $card->run * $card->count),
                    $sum(static fn(SearchCard $card): int => 0 === $card->cost ? $card->count : 0),
                ],
                [$totals->units, $totals->cost, $totals->run, $totals->unpriced],
                $question,
            );
        }
    }

    private static function card(string $id, PieceKind $kind, float $times, string $name = 'thing'): SearchCard
    {
        $size = $kind->facts()->usualSize();
        $scaled = static fn(int $tenths): int => (int) round($times * $tenths);

        return new SearchCard(
            $id,
            $name,
            $kind->value,
            [],
            $scaled($size->width->tenths()),
            $scaled($size->depth->tenths()),
            $scaled($size->height->tenths()),
            0,
            ['tote'],
            kind: $kind->value,
        );
    }

    /**
     * @param \Closure(): iterable<SearchCard> $cards
     * @param array<string, string>            $words
     */
    private static function ask(string $question, \Closure $cards, array $words = []): Answered
    {
        return StockQuery::read($question, LengthUnit::Inch, new ColourNames(), [], $words)->among($cards);
    }

    /** @return list<string> what meets all of it */
    private static function ids(Answered $answered): array
    {
        return array_map(
            static fn(Found $one): string => $one->id,
            array_values(array_filter($answered->found, static fn(Found $one): bool => [] === $one->misses)),
        );
    }
}
