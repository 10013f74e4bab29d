<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Search;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Search\Found;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Search\StockQuery;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** “Where is it?” in plain words, against what a plain scan finds on seeded stock. */
final class StockQueryTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> question, ids best first */
    public static function questions(): iterable
    {
        yield 'a name' => ['heron', ['heron']];
        yield 'a part of a name, the nearer to its start the better' => ['bell', ['bell', 'door']];
        yield 'a plural' => ['bells', ['bell', 'door']];
        yield 'a kind and a place' => ['cushion attic', ['cushion']];
        yield 'a colour nobody wrote down' => ['teal', ['cushion']];
        yield 'two words for one colour' => ['soft rust', ['jug']];
        yield 'a material that is a colour too' => ['brass', ['bell', 'door']];
        yield 'a bound on height' => ['brass under 10 in', ['bell']];
        yield 'another way to say it' => ['brass at least 10 in high', ['door']];
        yield 'a bound on width' => ['wider than 15 in', ['cushion']];
        yield 'what fits' => ['fits in 9 in', ['bell', 'jug']];
        yield 'what fits a box' => ['fits in 9 x 20 in', ['bell', 'heron', 'jug']];
        yield 'centimetres' => ['under 20 cm', ['bell']];
        yield 'idle for years' => ['not used for 1 year', ['cushion', 'jug']];
        yield 'idle for seasons' => ['not used for 5 seasons', ['jug']];
        yield 'never' => ['never used', ['jug']];
        yield 'lent' => ['lent', ['heron']];
        yield 'in store' => ['in store', ['bell', 'cushion', 'jug']];
        yield 'little words say nothing' => ['where is the bell', ['bell', 'door']];
        yield 'nothing meets all of it: what misses one thing' => ['heron attic teal', ['cushion']];
        yield 'or' => ['brass or teal', ['bell', 'door', 'cushion']];
        yield 'not' => ['brass not bell', []];
        yield 'without' => ['attic without wool', ['bell']];
        yield 'a family of colours' => ['black', ['door']];
        yield 'the kind in another word' => ['pillows', ['cushion']];
        yield 'a material in another word' => ['wooden', ['heron']];
        yield 'a word nobody knows is left out' => ['boho cushion', ['cushion']];
        yield 'nothing but a word nobody knows' => ['boho', []];
        yield 'worth' => ['worth over 50', ['heron']];
        yield 'cost' => ['cost under $10', ['jug']];
        yield 'cheap' => ['cheap', ['jug']];
        yield 'heavy' => ['heavy', ['jug']];
        yield 'never out' => ['never out', ['jug']];
        yield 'nothing asked' => ['   ', []];
        yield 'only little words' => ['where is the', []];
    }

    /** @param list<string> $ids */
    #[DataProvider('questions')]
    public function testFinds(string $question, array $ids): void
    {
        $query = StockQuery::read($question, LengthUnit::Inch, new ColourNames());

        self::assertSame($ids, array_map(static fn(Found $one): string => $one->id, $query->among(self::cards(...))->found));
    }

    public function testSaysWhyBeyondTheName(): void
    {
        $found = StockQuery::read('teal under 20 in not used for 4 seasons', LengthUnit::Inch, new ColourNames())->among(self::cards(...))->found;

        self::assertSame([['not used for 4 seasons', 'at most 20 in high', 'the colour teal']], array_map(static fn(Found $one): array => $one->why, $found));
    }

    public function testSaysWhatWasLeftOutWhatIsMissedAndHowManyThereAre(): void
    {
        $ask = static fn(string $question) => StockQuery::read($question, LengthUnit::Inch, new ColourNames())->among(self::cards(...));

        self::assertSame(['boho'], $ask('boho cushion')->unknown);
        self::assertSame([['heron']], array_map(static fn(Found $one): array => $one->misses, $ask('heron attic teal')->found));
        self::assertSame(['plaid or tartan'], $ask('plaid or tartan')->unknown);
        self::assertSame([['about 24 in']], array_map(static fn(Found $one): array => $one->misses, $ask('2 ft heron')->found));
        self::assertSame(4, $ask("how many bells")->totals->units, 'three bells and a frame with one');
        self::assertSame(0, $ask("")->totals->units);
    }

    public function testFindsWhatAPlainScanFindsOnSeededStock(): void
    {
        $cards = $this->seeded(600);
        $names = new ColourNames();
        foreach (['rust', 'sage', 'vase', 'vase attic', 'rust under 9 in', 'wool', 'navy cushion', 'cellar over 14 in'] as $question) {
            $words = array_diff(explode(' ', (string) preg_replace('/(under|over) (\d+) in/', '', $question)), ['']);
            preg_match('/(under|over) (\d+)/', $question, $bound);
            $expected = array_filter($cards, static fn(SearchCard $card): bool => [] === array_filter(
                $words,
                static fn(string $word): bool => !self::says($card, $word, $names),
            )
                && ([] === $bound || ('under' === $bound[1] ? $card->height <= 254 * (int) $bound[2] : $card->height >= 254 * (int) $bound[2])));
            $found = array_map(
                static fn(Found $one): string => $one->id,
                StockQuery::read($question, LengthUnit::Inch, $names)->among(static fn(): array => $cards)->found,
            );

            self::assertEqualsCanonicalizing(array_map(static fn(SearchCard $card): string => $card->id, array_values($expected)), $found, $question);
        }
    }

    private static function says(SearchCard $card, string $word, ColourNames $names): bool
    {
        if (str_contains($card->name . ' ' . $card->text, $word)) {
            return true;
        }
        $wanted = $names->read($word);
        foreach (null === $wanted ? [] : $card->colours as $share) {
            if ($share->percent >= 15 && (new Ciede2000())->between(Lab::of($share->colour), Lab::of($wanted ?? $share->colour)) < 12) {
                return true;
            }
        }

        return false;
    }

    /** @return list<SearchCard> */
    private static function cards(): array
    {
        $card = static fn(
            string $id,
            string $name,
            string $text,
            string $hex,
            float $width,
            float $height,
            ?int $idle,
            string $place,
        ): SearchCard => new SearchCard(
            $id,
            $name,
            $text,
            [new ColourShare(Srgb::ofHex($hex), 100)],
            (int) ($width * 254),
            1000,
            (int) ($height * 254),
            $idle,
            [$place],
            ['jug' => 800, 'heron' => 2000][$id] ?? 0,
            ['heron' => 6400][$id] ?? 0,
            ['jug' => 5000][$id] ?? 0,
            'bell' === $id ? 3 : 1,
        );

        return [
            $card('jug', 'wide jug', 'jug stoneware clay and stone c4 cellar', '#C27B5E', 8, 9, null, 'tote'),
            $card('heron', 'heron', 'heron wood', '#F0E7D4', 9, 19, 0, 'lent'),
            $card('door', 'door bell frame', 'picture brass hall', '#2B2A28', 12, 16, 1, 'spot'),
            $card('bell', 'bell', 'bell brass metal a1 attic', '#B08D47', 6, 7, 2, 'tote'),
            $card('cushion', 'ferry cushion', 'cushion wool textile a2 attic', '#1F7A7A', 16, 16, 4, 'tote'),
        ];
    }

    /** @return list<SearchCard> */
    private function seeded(int $count): array
    {
        $random = new Randomizer(new Mt19937(21));
        $pick = static fn(array $of): string => (string) $of[$random->getInt(0, \count($of) - 1)];
        $cards = [];
        for ($i = 0; $i < $count; ++$i) {
            $cards[] = new SearchCard(
                "p{$i}",
                $pick(['vase', 'rusty jug', 'sage wreath', 'cushion', 'navy bowl']) . " {$i}",
                $pick(['wool textile', 'stoneware', 'reed']) . ' ' . $pick(['a1 attic', 'c2 cellar']),
                [new ColourShare(Srgb::ofNumber($random->getInt(0, 0xFFFFFF)), 80), new ColourShare(Srgb::ofNumber($random->getInt(0, 0xFFFFFF)), 20)],
                $random->getInt(500, 6000),
                1000,
                $random->getInt(500, 6000),
                null,
                ['tote'],
            );
        }

        return $cards;
    }
}
