<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Search;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Search\Found;
use BrightCupboard\Core\Search\Opening;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Search\StockQuery;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What a question finds in seeded stock against what SQLite finds for the same in SQL: an engine that knows nothing of ours.
 * Sizes are converted there by the exact definitions (inch 25.4 mm, foot 12 in, avoirdupois pound 453.59237 g: NIST Handbook 44,
 * Appendix C).
 */
final class SqlReferenceTest extends TestCase
{
    private const COLUMNS = 'id TEXT, kind TEXT, material TEXT, season TEXT, hazard TEXT, place TEXT, width INT, depth INT, height INT, idle INT, at '
        . 'TEXT, cost INT, worth INT, grams INT';
    /** Parts of a question, each with what it means in SQL; lengths are stored in tenths of a millimetre. */
    private const PARTS = [
        ['vase', "kind = 'vase'"],
        ['cushions', "kind = 'cushion'"],
        ['lantern or vase', "kind IN ('lantern', 'vase')"],
        ['wreath or pillow', "kind IN ('wreath', 'cushion')"],
        ['not wreath', "kind <> 'wreath'"],
        ['without glass', "material <> 'glass'"],
        ['wooden', "material = 'wood'"],
        ['brass or wool', "material IN ('brass', 'wool')"],
        ['autumn', "season = 'autumn'"],
        ['xmas', "season = 'winter'"],
        ['breakable', "hazard = 'breakable'"],
        ['unbreakable', "hazard <> 'breakable'"],
        ['no flame', "hazard <> 'open flame'"],
        ['safe for the dog', "hazard <> 'toxic to pets'"],
        ['safe for kids', "hazard NOT IN ('breakable', 'open flame')"],
        ['in the attic', "place LIKE '%attic%'"],
        ['not in the cellar', "place NOT LIKE '%cellar%'"],
        ['under 10 in', 'height <= 10 * 254'],
        ['at least 2 ft tall', 'height >= 24 * 254'],
        ['taller than 30 cm', 'height >= 3000'],
        ['at most 1 1/2 ft wide', 'width <= 18 * 254'],
        ['wider than 40 cm', 'width >= 4000'],
        ['no more than 8 in deep', 'depth <= 8 * 254'],
        ['between 8 and 14 in', 'height BETWEEN 8 * 254 AND 14 * 254'],
        ['between 20 and 50 cm wide', 'width BETWEEN 2000 AND 5000'],
        ['12 in or taller', 'height >= 12 * 254'],
        ['9 in wide or less', 'width <= 9 * 254'],
        ['12 in tall', 'abs(height - 12 * 254) <= 127'],
        ['fits in 12 x 9 in', 'width <= 12 * 254 AND height <= 9 * 254'],
        ['that fits on the sill', 'max(width, depth) <= 40 * 254 AND min(width, depth) <= 6 * 254 AND height <= 15 * 254'],
        ['never used', 'idle IS NULL'],
        ['not used for 3 seasons', '(idle IS NULL OR idle >= 3)'],
        ['unused for 2 years', '(idle IS NULL OR idle >= 8)'],
        ['lent out', "at = 'lent'"],
        ['not lent', "at <> 'lent'"],
        ['in store', "at IN ('tote', 'loose')"],
        ['out now', "at = 'spot'"],
        ['cost under $20', 'cost > 0 AND cost <= 2000'],
        ['over 35 dollars', 'cost >= 3500'],
        ['worth more than $30.50', 'max(cost, worth) >= 3050'],
        ['cheap', 'cost > 0 AND cost <= 1000'],
        ['over 5 lb', 'grams >= 5 * 453.59237'],
        ['lighter than 1.5 kg', 'grams > 0 AND grams <= 1500'],
        ['not heavy', 'NOT (grams >= 4536)'],
    ];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "stock {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testFindsWhatSqliteFinds(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $rows = self::rows($random, 300);
        $cards = array_map(self::card(...), $rows);
        $db = self::database($rows);
        foreach (self::PARTS as $i => $first) {
            foreach ([$first, self::PARTS[$random->getInt(0, \count(self::PARTS) - 1)]] as $j => $second) {
                $question = 0 === $j ? $first[0] : "{$first[0]} {$second[0]}";
                $sql = $db->query("SELECT id FROM piece WHERE ({$first[1]}) AND ({$second[1]})");
                self::assertInstanceOf(\PDOStatement::class, $sql);
                $answered = StockQuery::read(
                    $question,
                    LengthUnit::Inch,
                    new ColourNames(),
                    [new Opening('window sill', 254 * 40, 254 * 6, 254 * 15, false)],
                )->among(static fn(): array => $cards);
                $met = array_filter($answered->found, static fn(Found $one): bool => [] === $one->misses);

                self::assertEqualsCanonicalizing(
                    $sql->fetchAll(\PDO::FETCH_COLUMN),
                    array_values(array_map(static fn(Found $one): string => $one->id, $met)),
                    "{$i}: {$question}",
                );
                self::assertSame([], $answered->unknown, $question);
            }
        }
    }

    /** @return list<array<string, string|int|null>> */
    private static function rows(Randomizer $random, int $count): array
    {
        $pick = static fn(array $of): string|int|null => $of[$random->getInt(0, \count($of) - 1)];
        $rows = [];
        for ($i = 0; $i < $count; ++$i) {
            $rows[] = [
                'id' => "p{$i}",
                'kind' => $pick(['vase', 'cushion', 'lantern', 'wreath', 'tray']),
                'material' => $pick(['glass', 'wood', 'brass', 'wool', 'reed']),
                'season' => $pick(['autumn', 'winter', 'spring']),
                'hazard' => $pick(['', '', 'breakable', 'open flame', 'toxic to pets']),
                'place' => $pick(['a1 attic', 'c2 cellar', 'b3 landing']),
                'width' => $random->getInt(600, 12_000),
                'depth' => $random->getInt(300, 6000),
                'height' => $random->getInt(500, 9000),
                'idle' => $pick([null, 0, 1, 2, 3, 4, 7, 8, 9]),
                'at' => $pick(['tote', 'loose', 'spot', 'lent']),
                'cost' => $pick([0, $random->getInt(100, 6000)]),
                'worth' => $pick([0, $random->getInt(100, 9000)]),
                'grams' => $pick([0, $random->getInt(50, 9000)]),
            ];
        }

        return $rows;
    }

    /** @param array<string, string|int|null> $row */
    private static function card(array $row): SearchCard
    {
        $number = static fn(string $column): int => (int) $row[$column];

        return new SearchCard(
            (string) $row['id'],
            "number {$row['id']}",
            "{$row['kind']} {$row['material']} {$row['season']} {$row['hazard']} {$row['place']}",
            [],
            $number('width'),
            $number('depth'),
            $number('height'),
            null === $row['idle'] ? null : $number('idle'),
            [(string) $row['at']],
            $number('cost'),
            $number('worth'),
            $number('grams'),
        );
    }

    /** @param list<array<string, string|int|null>> $rows */
    private static function database(array $rows): \PDO
    {
        $db = new \PDO('sqlite::memory:');
        $db->exec('CREATE TABLE piece (' . self::COLUMNS . ')');
        $insert = $db->prepare('INSERT INTO piece VALUES (' . implode(', ', array_fill(0, 14, '?')) . ')');
        foreach ($rows as $row) {
            $insert->execute(array_values($row));
        }

        return $db;
    }
}
