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
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** When things came, and which of all is the most: on five things, the day being 25 November 2026. */
final class WhenAndMostTest extends TestCase
{
    private const TODAY = '2026-11-25';

    /** @param list<string> $ids */
    #[TestWith(['new vases', ['tall']])]
    #[TestWith(['what is new', ['tall', 'bell']])]
    #[TestWith(['bought this year', ['tall']])]
    #[TestWith(['what came last year', ['bell']])]
    #[TestWith(['bought in 2019', ['small']])]
    #[TestWith(['bought before 2020', ['small', 'old']])]
    #[TestWith(['came since 2025', ['tall', 'bell']])]
    #[TestWith(['older than 5 years', ['small', 'old']])]
    #[TestWith(['not new', ['small', 'old', 'nobody']])]
    #[TestWith(['tallest vase', ['tall']])]
    #[TestWith(['the smallest vase', ['small']])]
    #[TestWith(['which is the heaviest', ['old']])]
    #[TestWith(['cheapest vase', ['small']])]
    #[TestWith(['most expensive', ['old']])]
    #[TestWith(['oldest', ['old']])]
    #[TestWith(['newest brass', ['bell']])]
    #[TestWith(['things i haven\'t used in two years', ['old', 'nobody']])]
    #[TestWith(['not used for over a year', ['bell', 'old', 'nobody']])]
    #[TestWith(['what can i put on the narrow sill', ['small', 'bell']])]
    #[TestWith(['could it stand in a1', ['tall', 'small', 'bell', 'nobody']])]
    public function testFinds(string $question, array $ids): void
    {
        self::assertEqualsCanonicalizing($ids, self::ids(self::ask($question, self::cards(...))));
    }

    /** The most is one that no other goes beyond, and what nobody wrote down is never it. */
    public function testNothingGoesBeyondTheMost(): void
    {
        $random = new Randomizer(new Mt19937(2));
        for ($i = 0; $i < 50; ++$i) {
            $cards = [];
            for ($n = 0; $n < 30; ++$n) {
                $cards["c{$n}"] = new SearchCard(
                    "c{$n}",
                    "vase {$n}",
                    'vase',
                    [],
                    $random->getInt(100, 9000),
                    100,
                    $random->getInt(100, 9000),
                    0,
                    [],
                    $random->getInt(0, 5) * 100,
                    0,
                    $random->getInt(0, 3) * 400,
                    1,
                    'vase',
                );
            }
            foreach ([
                'tallest vase' => static fn(SearchCard $card): int => $card->height,
                'heaviest vase' => static fn(SearchCard $card): int => $card->grams,
                'widest' => static fn(SearchCard $card): int => $card->width,
            ] as $question => $of) {
                $best = self::ids(self::ask($question, static fn(): array => $cards));

                self::assertSame(max(array_map($of, $cards)), $of($cards[$best[0]]), $question);
                self::assertCount(1, array_unique(array_map(static fn(string $id): int => $of($cards[$id]), $best)));
            }
            $cheapest = self::ids(self::ask('cheapest vase', static fn(): array => $cards));
            self::assertGreaterThan(0, $cards[$cheapest[0]]->cost);
        }
    }

    /** @return list<SearchCard> */
    private static function cards(): array
    {
        $card = static fn(
            string $id,
            string $name,
            string $text,
            int $width,
            int $height,
            ?int $idle,
            int $cost,
            int $grams,
            string $came,
        ): SearchCard => new SearchCard(
            $id,
            $name,
            $text,
            [],
            254 * $width,
            254 * $width,
            254 * $height,
            $idle,
            ['tote'],
            $cost,
            0,
            $grams,
            1,
            explode(' ', $text)[0],
            0,
            $came,
        );

        return [
            $card('tall', 'reed vase', 'vase reed', 8, 24, 0, 4000, 900, '2026-02-01'),
            $card('small', 'bud vase', 'vase glass', 3, 6, 1, 500, 200, '2019-06-01'),
            $card('bell', 'brass bell', 'bell brass', 4, 6, 4, 1200, 700, '2025-12-01'),
            $card('old', 'church clock', 'box wood', 20, 40, 12, 9000, 9000, '2001-01-01'),
            $card('nobody', 'tin star', 'star tin', 7, 7, null, 0, 0, ''),
        ];
    }

    /** @param \Closure(): iterable<SearchCard> $cards */
    private static function ask(string $question, \Closure $cards): Answered
    {
        return StockQuery::read(
            $question,
            LengthUnit::Inch,
            new ColourNames(),
            [new Opening('narrow sill', 254 * 30, 254 * 4, 254 * 8, false), new Opening('a1', 254 * 24, 254 * 16, 254 * 14, true)],
            [],
            new \DateTimeImmutable(self::TODAY),
        )->among($cards);
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
