<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Search;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Search\Found;
use BrightCupboard\Core\Search\Opening;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Search\StockQuery;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Everyday questions of questions.txt on the fixed stock of stock.txt, each with what a person would lay on the table. */
final class QuestionsTest extends TestCase
{
    /** Words that mean something in the home of the stock. */
    private const WORDS = ['cosy' => 'wool, knit, throw', 'woodsy' => 'pine cone, greens, owl'];

    /** @return iterable<string, array{string, list<string>, list<string>}> */
    public static function questions(): iterable
    {
        foreach (self::rows('questions.txt') as [$question, $ids, $unknown]) {
            yield $question => [$question, self::words($ids), '-' === $unknown ? [] : self::words($unknown)];
        }
    }

    /**
     * @param list<string> $ids
     * @param list<string> $unknown
     */
    #[DataProvider('questions')]
    public function testLaysOnTheTableWhatAPersonWould(string $question, array $ids, array $unknown): void
    {
        $answered = StockQuery::read($question, LengthUnit::Inch, new ColourNames(), self::openings(), self::WORDS)->among(self::stock(...));
        $met = array_filter($answered->found, static fn(Found $one): bool => [] === $one->misses);

        self::assertEqualsCanonicalizing($ids, array_values(array_map(static fn(Found $one): string => $one->id, $met)));
        self::assertSame($unknown, $answered->unknown);
    }

    /** @return iterable<SearchCard> */
    private static function stock(): iterable
    {
        foreach (self::rows('stock.txt') as [$id, $name, $text, $colours, $sides, $idle, $place, $amounts, $count]) {
            $shares = array_map(static function (string $share): ColourShare {
                [$hex, $percent] = explode(':', $share);

                return new ColourShare(Srgb::ofHex('#' . $hex), (int) $percent);
            }, self::words($colours));
            [$width, $depth, $height] = array_map(static fn(string $inches): int => 254 * (int) $inches, self::words($sides));
            [$cost, $worth, $grams] = array_map(intval(...), self::words($amounts));
            $textures = array_map(
                static fn(string $word): string => explode(' and ', Lexicon::material($word)?->texture()->value ?? '')[0],
                explode(' ', $text),
            );
            yield new SearchCard(
                $id,
                mb_strtolower($name),
                trim($text . ' ' . implode(' ', array_filter($textures, static fn(string $one): bool => '' !== $one))),
                $shares,
                $width,
                $depth,
                $height,
                '-' === $idle ? null : (int) $idle,
                [$place],
                $cost,
                $worth,
                $grams,
                (int) $count,
                explode(' ', $text)[0] === 'pillar' || explode(' ', $text)[0] === 'pot' ? implode(
                    ' ',
                    \array_slice(explode(' ', $text), 0, 2),
                ) : explode(' ', $text)[0],
            );
        }
    }

    /** @return list<Opening> a narrow sill and a mantel with a picture over it, and a tote for long things */
    private static function openings(): array
    {
        return [
            new Opening('kitchen sill', 254 * 30, 254 * 4, 254 * 8, false),
            new Opening('hall mantel', 254 * 60, 254 * 8, 254 * 17, false),
            new Opening('a1', 254 * 20, 254 * 9, 254 * 9, true),
        ];
    }

    /** @return iterable<list<string>> */
    private static function rows(string $file): iterable
    {
        foreach (file(__DIR__ . '/' . $file, \FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            if ('' !== $row && '#' !== $row[0]) {
                yield array_map(trim(...), explode('|', $row));
            }
        }
    }

    /** @return list<string> */
    private static function words(string $cell): array
    {
        return '' === $cell ? [] : explode(' ', $cell);
    }
}
